import { parentPort } from 'node:worker_threads';
import { doJob, type Job } from './heavyJobs';

parentPort!.on('message', (job: Job) => parentPort!.postMessage(doJob(job)));
