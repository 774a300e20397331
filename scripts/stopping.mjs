/** The wish to stop, from the first line on: everything long that is started is told of it. */
const controller = new AbortController();
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => controller.abort(signal));
export const stopping = controller.signal;
