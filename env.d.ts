// What Astro and the bundler lend: types that stand before anything was built.
/// <reference types="astro/client" />
