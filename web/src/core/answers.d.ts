export type paths = Record<string, never>;
export type webhooks = Record<string, never>;
export interface components {
    schemas: {
        /** What a conversion is planned for, as Variable Rotor reads it */
        plan: {
            /** @constant */
            format: "variable-rotor-plan";
            /** @constant */
            version: 1;
            /** @enum {unknown} */
            pattern: "A" | "A1" | "B" | "C" | "D" | "E";
            /** @enum {unknown} */
            role?: "INDOOR_BLOWER" | "OUTDOOR_FAN";
            /** @enum {unknown} */
            cabinet?: "ONE" | "SPLIT";
            /** @enum {unknown} */
            supply?: "LINE_240" | "LINE_120" | "LINE_3PH";
            transformerVa?: number;
            transformerLoadVa?: number;
            /** @description of the transformer that feeds the board's outputs, where the relays hang on another: isolation relays stand between */
            secondTransformerVa?: number;
            stages?: string[];
            /** @enum {unknown} */
            outputs?: "PLAIN" | "SOLID_STATE";
            defrost?: boolean;
            fanRelay?: boolean;
            /** @description a switch on head pressure in the outdoor fan's line */
            fanCycling?: boolean;
            /** @description the outdoor fan has the second half of the compressor's capacitor */
            dualCapacitor?: boolean;
            contactorPoles?: number;
            calls?: ("COOL" | "HEAT_PUMP" | "ELECTRIC_HEAT" | "GAS_HEAT" | "FAN" | "LIMIT" | "OFF_DELAY")[];
            contactorCalls?: ("COOL" | "HEAT_PUMP" | "ELECTRIC_HEAT" | "GAS_HEAT" | "FAN" | "LIMIT" | "OFF_DELAY")[];
            motor?: {
                speeds?: string[];
                amps?: number;
                microfarads?: number;
                capacitorVolts?: number;
            };
            speedFor?: {
                [key: string]: string;
            };
        };
        /** A wiring, as Variable Rotor reads it */
        wiring: {
            /** @constant */
            format: "variable-rotor-wiring";
            /** @constant */
            version: 1;
            parts?: {
                id: string;
                /** @enum {unknown} */
                type: "LINE_240" | "LINE_120" | "LINE_3PH" | "TRANSFORMER" | "OUTPUT" | "CONTACT" | "RELAY" | "CONTACTOR" | "OVERLOAD" | "MOTOR_PSC" | "MOTOR_3PH" | "CAPACITOR" | "ADAPTER" | "JOINT";
                va?: number;
                loadVa?: number;
                /** @description of a transformer's line side [V]; the line's own where left out */
                primaryVolts?: number;
                coilVa?: number;
                coilVolts?: number;
                contactAmps?: number;
                poles?: number;
                call?: string;
                solidState?: boolean;
                when?: string;
                /** @enum {unknown} */
                form?: "NO" | "NC";
                /** @description of a motor its leads by name; of an adapter which output each tap gives */
                speeds?: string[] | {
                    [key: string]: "LOW" | "MED" | "HIGH";
                };
                amps?: number;
                microfarads?: number;
                volts?: number;
                /** @description whether the second capacitor lead is the common inside; true where left out */
                capacitorCommon?: boolean;
            }[];
            wires?: [
                string,
                string
            ][];
            calls?: {
                name: string;
                on?: string[];
                /** @description the call that it follows without a rest between */
                after?: string | null;
            }[];
            expect?: {
                call: string;
                motor: string;
            }[];
        };
        Answers: {
            plan: components["schemas"]["Plan"];
            otherwise: components["schemas"]["PlanDoc"];
            begin: components["schemas"]["AsWired"];
            edit: components["schemas"]["AsWired"];
            run: components["schemas"]["Progress"];
            checks: components["schemas"]["Checks"];
            mend: components["schemas"]["Mended"];
            draw: components["schemas"]["Drawn"];
            exercise: components["schemas"]["Exercise"];
            fit: components["schemas"]["Fitting"];
            proof: components["schemas"]["Proof"];
        };
        /** @description what a conversion is planned for, written whole */
        PlanDoc: WithRequired<components["schemas"]["plan"], "format" | "version" | "pattern" | "role" | "cabinet" | "supply" | "stages" | "outputs" | "defrost" | "calls" | "contactorCalls" | "motor" | "speedFor" | "fanRelay">;
        /** @description a wiring, written whole */
        WiringDoc: WithRequired<components["schemas"]["wiring"], "format" | "version" | "parts" | "wires" | "calls">;
        /** @description a wire by its two terminals */
        Ends: [
            string,
            string
        ];
        Mark: {
            wire: components["schemas"]["Ends"];
            colour: string;
            label: string;
        };
        /** @description a check before power, done */
        Tick: {
            check: string;
            ok: boolean;
        };
        /** @description a conversion as far as it is made */
        AsWired: {
            /** @constant */
            format: "variable-rotor-as-wired";
            /** @constant */
            version: 1;
            plan?: components["schemas"]["PlanDoc"];
            wiring: components["schemas"]["WiringDoc"];
            marks: components["schemas"]["Mark"][];
            ticks: components["schemas"]["Tick"][];
        };
        /** @description one thing done to a wiring */
        Edit: {
            wire: components["schemas"]["Ends"];
        } | {
            wires: components["schemas"]["Ends"][];
        } | {
            there: components["schemas"]["Ends"];
            colour: string;
        } | {
            off: components["schemas"]["Ends"];
        } | {
            cap: string;
        } | {
            part: {
                type: string;
                call?: string;
                when?: string;
                /** @enum {unknown} */
                form?: "NO" | "NC";
                solidState?: boolean;
                speeds?: string[];
            };
        } | {
            partOff: string;
        } | {
            call: {
                name: string;
                on: string[];
                motor: string;
            };
        } | {
            callOff: string;
        } | {
            mend: components["schemas"]["Mend"];
        } | {
            mark: components["schemas"]["Ends"];
            colour: string;
            label: string;
        };
        /** @description what is asked of an edit */
        Edited: {
            made: components["schemas"]["AsWired"];
            edit: components["schemas"]["Edit"];
        };
        /** @description plan: what it was made for, without what the pattern does not ask for; instead: what opens it where it is blocked */
        Plan: {
            plan: components["schemas"]["PlanDoc"];
            /** @enum {unknown} */
            state: "OPEN" | "CONDITIONAL" | "BLOCKED";
            reasons: {
                id: string;
                call?: string;
                sentence: string;
            }[];
            wiring: components["schemas"]["WiringDoc"];
            result: components["schemas"]["Result"];
            wires: components["schemas"]["Wire"][];
            toMake: number;
            parts: {
                type: string;
                count: number;
                need: string;
            }[];
            beforeAfter: components["schemas"]["BeforeAfter"];
            instead?: components["schemas"]["PlanDoc"];
        };
        /** @description a wire of a plan; there: the factory made it; plug: what brings it with others */
        Wire: {
            n: number;
            from: string;
            to: string;
            /** @enum {unknown} */
            circuit: "GROUND" | "LINE" | "MOTOR" | "CONTROL";
            colour: string;
            sentence: string;
            there: boolean;
            plug: string | null;
        };
        BeforeAfter: {
            rows: {
                call: string;
                before: string;
                after: string;
                /** @enum {unknown} */
                verdict: "SAME" | "ONE_SPEED" | "LOST" | "ADDED" | "WRONG";
                sentence: string;
            }[];
            lost: string[];
        };
        /** @description planned: every wire of the plan; ahead: every wire, with those that are left to make; free: by kind of part, the name that the next one gets */
        Progress: {
            planned: components["schemas"]["Wire"][];
            toMake: components["schemas"]["Wire"][];
            strange: components["schemas"]["Ends"][];
            ahead: components["schemas"]["Ends"][];
            result: components["schemas"]["Result"];
            done: boolean;
            mend: components["schemas"]["Mend"] | null;
            beforeAfter?: components["schemas"]["BeforeAfter"];
            parts: components["schemas"]["ShownPart"][];
            free: {
                [key: string]: string;
            };
        };
        /** @description spare: what need not be shown while nothing goes to it */
        ShownPart: {
            id: string;
            type: string;
            terminals: string[];
            spare: string[];
        };
        /** @description a wiring, run call by call */
        Result: {
            ok: boolean;
            calls: components["schemas"]["Run"][];
            findings: components["schemas"]["Finding"][];
        };
        /** @description one call, run */
        Run: {
            name: string;
            motor: string;
            motors: {
                [key: string]: string;
            };
            relays: string[];
            coilVa: number;
            findings: components["schemas"]["Finding"][];
            moments?: components["schemas"]["Moment"][];
        };
        Moment: {
            relays: string[];
            outputs: {
                [key: string]: string;
            };
        };
        Finding: {
            kind: string;
            /** @enum {unknown} */
            severity: "STOP" | "CAUTION";
            at: string[];
            sentence: string;
        };
        /** @description the smallest change that mends a wiring */
        Mend: {
            off: components["schemas"]["Ends"] | null;
            on: components["schemas"]["Ends"] | null;
            at: string[];
            sentence: string;
        };
        Mended: {
            mend: components["schemas"]["Mend"] | null;
        };
        Checks: {
            checks: components["schemas"]["PowerCheck"][];
        };
        PowerCheck: {
            id: string;
            /** @enum {unknown} */
            step: "OHMS" | "CONTROL" | "LINE";
            at: string[];
            ask: string;
            wrong: string;
            first: boolean;
            /** @enum {unknown} */
            endangers: "OHMS" | "CONTROL" | "LINE";
        };
        Drawn: {
            drawing: components["schemas"]["Drawing"];
        };
        Drawing: {
            left: number;
            top: number;
            width: number;
            height: number;
            strokes: {
                /** @enum {unknown} */
                ink: "INK" | "SOFT" | "COPPER" | "FAILED" | "PAPER";
                width: number;
                dashed: boolean;
                pieces: number[][];
            }[];
            boxes: {
                /** @enum {unknown} */
                fill: "INK" | "SOFT" | "COPPER" | "FAILED" | "PAPER";
                x: number;
                y: number;
                width: number;
                height: number;
            }[];
            dots: {
                /** @enum {unknown} */
                fill: "INK" | "SOFT" | "COPPER" | "FAILED" | "PAPER";
                /** @enum {unknown} */
                rim: "INK" | "SOFT" | "COPPER" | "FAILED" | "PAPER";
                rimWidth: number;
                x: number;
                y: number;
                radius: number;
            }[];
            labels: {
                text: string;
                /** @enum {unknown} */
                ink: "INK" | "SOFT" | "COPPER" | "FAILED" | "PAPER";
                size: number;
                bold: boolean;
                /** @enum {unknown} */
                anchor: "START" | "MIDDLE" | "END";
                x: number;
                y: number;
            }[];
        };
        /** @description a wiring with a mistake hidden in it, and where */
        Exercise: {
            plan: components["schemas"]["PlanDoc"];
            right: components["schemas"]["WiringDoc"];
            wrong: components["schemas"]["WiringDoc"];
            off: components["schemas"]["Ends"] | null;
            on: components["schemas"]["Ends"] | null;
            findings: components["schemas"]["Finding"][];
        };
        /** @description what was done of a job; case: the machine, as the server tells it */
        Fit: {
            /** @constant */
            format: "variable-rotor-fit";
            /** @constant */
            version: 1;
            way: string;
            case: {
                [key: string]: unknown;
            };
            marks: {
                id: string;
                done: boolean;
                why: string;
            }[];
            notes: {
                [key: string]: components["schemas"]["Note"];
            };
            removed: {
                what: string;
                where: string;
                back: boolean;
            }[];
            photoMarks: components["schemas"]["PhotoMark"][];
            hold?: components["schemas"]["Hold"];
            handedOver: boolean;
            search?: string;
        };
        /** @description why a job rests */
        Hold: {
            reason: string;
            until?: string;
            note: string;
            bring: string;
            left: string[];
        };
        /** @description a place on a photo, as shares of its width and height */
        PhotoMark: {
            photo: string;
            x: number;
            y: number;
            label: string;
        };
        Note: string | number;
        /** @description the steps of a job, with what was done of them */
        Fitting: {
            warnings: components["schemas"]["Warning"][];
            headline: string;
            next: string | null;
            done: boolean;
            steps: components["schemas"]["Standing"][];
            changed: components["schemas"]["Ask"][];
        };
        Standing: {
            step: components["schemas"]["Step"];
            /** @enum {unknown} */
            state: "TO_DO" | "DONE" | "SKIPPED" | "TROUBLE";
            note: string;
            noted: components["schemas"]["Back"][];
        };
        /** @description counts: how many are counted, where they are */
        Step: {
            id: string;
            /** @enum {unknown} */
            stage: "BEFORE" | "OUT" | "BESIDE" | "IN" | "SETTINGS" | "POWER";
            title: string;
            sentence: string;
            why: string;
            cautions: string[];
            asks: components["schemas"]["Ask"][];
            back: components["schemas"]["Back"][];
            /** @enum {unknown} */
            list: "NONE" | "OUT" | "BACK";
            suggested: string[];
            /** @enum {unknown} */
            photos: "NONE" | "TAKEN" | "MARKED" | "SHOWN";
            skippable: boolean;
            counts: number | null;
        };
        Ask: {
            id: string;
            title: string;
            unit: string;
            least: number | null;
            most: number | null;
            words: components["schemas"]["Word"][];
            needed: boolean;
        };
        /** @description leadsTo: what is gone after where it is so; opens: the complaint of a new search, on the new part */
        Word: {
            id: string;
            title: string;
            leadsTo: string | null;
            /** @enum {unknown} */
            opens: "NO_RUN" | "RUNS_ALWAYS" | "STARTS_THEN_STOPS" | "NO_SPEED_CHANGE" | "LOW_AIRFLOW" | "WRONG_DIRECTION" | "NOISE" | "TRIPS_PROTECTION" | "CODE_BUT_RUNS" | "INTERMITTENT" | null;
        };
        /** @description a setting that goes onto the new part as it was */
        Back: {
            title: string;
            value: string;
        };
        /** @description what was asked with a field that is not of the format */
        Warning: {
            id: string;
            sentence: string;
        };
        /** @description what is read on a new part */
        ProofDoc: {
            /** @constant */
            format: "variable-rotor-proof";
            /** @constant */
            version: 1;
            way: string;
            unit: {
                [key: string]: unknown;
            };
            fitted: {
                [key: string]: unknown;
            };
            readings: {
                id: string;
                value: components["schemas"]["Note"];
            }[];
        };
        /** @description a repair held against its limits */
        Proof: {
            warnings: components["schemas"]["Warning"][];
            /** @enum {unknown} */
            state: "PASSED" | "FAILED" | "NOT_YET";
            headline: string;
            checks: components["schemas"]["ProofCheck"][];
            airflow?: {
                cfm: number;
                band: number[];
                method: string;
                cfmPerTon?: number;
                target?: number[];
                state: string;
            };
            tap?: {
                now: number;
                next?: number;
                expectedCfm?: number;
            };
            command?: {
                now: number;
                next?: number;
                expectedCfm?: number;
            };
        };
        /** @description limit: one, or the least and the most; opens: the complaint of a new search */
        ProofCheck: {
            id: string;
            title: string;
            /** @enum {unknown} */
            state: "PASS" | "FAIL" | "NOT_YET";
            value?: number;
            limit?: number | number[];
            sentence: string;
            leadsTo: string[];
            asks: string[];
            /** @enum {unknown} */
            opens?: "NO_RUN" | "RUNS_ALWAYS" | "STARTS_THEN_STOPS" | "NO_SPEED_CHANGE" | "LOW_AIRFLOW" | "WRONG_DIRECTION" | "NOISE" | "TRIPS_PROTECTION" | "CODE_BUT_RUNS" | "INTERMITTENT";
        };
    };
    responses: never;
    parameters: never;
    requestBodies: never;
    headers: never;
    pathItems: never;
}
export type $defs = Record<string, never>;
type WithRequired<T, K extends keyof T> = T & {
    [P in K]-?: T[P];
};
export type operations = Record<string, never>;
