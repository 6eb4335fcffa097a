import { expose } from 'comlink';
import { HistoryDesk } from '../data/history/desk';

expose(new HistoryDesk());
