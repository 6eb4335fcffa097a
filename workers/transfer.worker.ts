import { expose } from 'comlink';
import { TransferDesk } from '../data/transfer/desk';

expose(new TransferDesk());
