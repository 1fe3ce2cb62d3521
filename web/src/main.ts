import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bricolage-grotesque';
import './app.css';
import { mount } from 'svelte';
import App from './App.svelte';
import { layBy } from '$lib/logbook/layBy';
import { countPresses } from '$lib/ui/presses';
import { speech, tell } from '$lib/ui/speech';

tell(speech.titles);
countPresses(document);
export default mount(App, { target: document.getElementById('app')! });

layBy();
