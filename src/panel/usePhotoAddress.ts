import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useState } from "react";
import { database } from "../storage/database.ts";

/** Where a kept photo can be shown from; null when it is not in this browser, undefined until that is known. */
export function usePhotoAddress(id: string | undefined): string | null | undefined {
  const photo = useLiveQuery(
    async () => (id === undefined ? undefined : ((await database.photos.get(id)) ?? null)),
    [id],
  );
  const [address, setAddress] = useState<string>();
  useEffect(() => {
    if (!photo) return;
    const url = URL.createObjectURL(photo.blob);
    setAddress(url);
    return () => URL.revokeObjectURL(url);
  }, [photo]);
  return photo === null ? null : address;
}
