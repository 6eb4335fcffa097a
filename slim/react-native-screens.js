// The router sets flags of the native screens when it starts; on the web nothing else of them is asked for.
export { featureFlags } from 'react-native-screens/lib/module/flags';
