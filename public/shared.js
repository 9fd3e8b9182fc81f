// A file that is shared to the application is left where the page finds it.
addEventListener("fetch", (event) => {
  const { pathname } = new URL(event.request.url);
  if (event.request.method !== "POST" || pathname !== "/jobs/shared") return;
  event.respondWith(
    (async () => {
      const form = await event.request.formData();
      const cache = await caches.open("dintel-shared");
      for (const file of form.getAll("files")) {
        if (file instanceof File) {
          await cache.put(`/jobs/shared/${encodeURIComponent(file.name)}`, new Response(file));
        }
      }
      return Response.redirect("/jobs", 303);
    })(),
  );
});
