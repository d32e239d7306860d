// The few little scripts: no framework, every name either its own or the browser's.
const browser = ['window', 'document', 'localStorage', 'crypto', 'navigator', 'FormData', 'Event', 'CSS', 'Intl', 'setTimeout', 'clearTimeout', 'URL', 'location', 'history', 'URLSearchParams', 'DOMParser',
  'setInterval', 'clearInterval', 'speechSynthesis', 'SpeechSynthesisUtterance', 'Notification', 'AudioContext', 'BroadcastChannel', 'TextDecoderStream', 'CustomEvent', 'XMLHttpRequest', 'matchMedia', 'queueMicrotask', 'performance', 'requestAnimationFrame', 'cancelAnimationFrame', 'sessionStorage', 'createImageBitmap', 'DataTransfer', 'File'];
const worker = ['self', 'caches', 'fetch', 'URL', 'Promise', 'Response'];

export default [
  {
    files: ['assets/**/*.js', 'tests/Scripts/*.js'],
    languageOptions: { ecmaVersion: 2024, sourceType: 'module', globals: Object.fromEntries([...browser, ...worker].map((name) => [name, 'readonly'])) },
    rules: {
      'no-undef': 'error', 'no-unused-vars': 'error', 'prefer-const': 'error', 'no-var': 'error', eqeqeq: 'error', 'no-shadow': 'error', 'no-implicit-globals': 'error',
      'no-unreachable': 'error', 'no-dupe-keys': 'error', 'no-fallthrough': 'error', 'valid-typeof': 'error', 'no-eval': 'error', 'no-self-compare': 'error', 'max-lines': ['error', 250],
    },
  },
];
