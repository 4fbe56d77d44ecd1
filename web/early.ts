import { askForPage } from './api/early';

askForPage(new URL(location.href), (key) => localStorage.getItem(key));
