/*
 * Part of what keeps the page on the device. Questions to the server go past it: it has no answer
 * to them. Where they went through it, each woke it up, and a newer version that was taken while
 * the page was fetching the day's calls could be held back for minutes: the browser waits for the
 * old one to be at rest.
 */
self.addEventListener('install', (event) => {
  // A browser that does not know routes asks through it, as before.
  void event.addRoutes?.({ condition: { urlPattern: { pathname: '/api/*' } }, source: 'network' })
})
