/** The rooms of the shop, in the order of use. A new one is a line here and a view of its own. */
export const ROOMS = [
  { path: '/', title: 'Calls', also: ['/calls', '/units', '/sites', '/week'] },
  { path: '/codes', title: 'Codes', also: ['/count'] },
  { path: '/stock', title: 'Stock', also: ['/motors'] },
  { path: '/practice', title: 'Practice', also: [] },
  { path: '/about', title: 'Sources', also: [] },
  { path: '/shop', title: 'Shop', also: ['/learnt'] },
]

/** Whether an address lies in this room. */
export const isIn = (room: (typeof ROOMS)[number], path: string) =>
  path === room.path || [room.path, ...room.also].some((of) => of !== '/' && path.startsWith(of))
