/** The solver's WASM file: the bundler gives the address that it is served at. */
declare module 'highs/runtime' {
  const address: string;
  export default address;
}
