import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { bakeQuery } from "../../api/bookQueries";
import { answer, api, type BakeRecord, problemOf } from "../../api/client";
import { Button } from "../../ui/Button";
import { FileButton } from "../../ui/FileButton";
import { RemoveButton } from "../../ui/RemoveButton";
import { shrink } from "./shrink";

type Props = { kitchen: string; record: BakeRecord; mayWrite: boolean };

/** Photos of a bake, by choice: made small on this device, without place and camera. */
export function Photos({ kitchen, record, mayWrite }: Props) {
  const client = useQueryClient();
  const [said, setSaid] = useState("");
  const [asked, setAsked] = useState<string | null>(null);
  const path = { kitchen, bake: record.bake.id };
  const send = async (call: Promise<BakeRecord>) => {
    try {
      client.setQueryData(bakeQuery(kitchen, record.bake.id).queryKey, await call);
      setSaid("");
    } catch (thrown) {
      const problem = problemOf(thrown);
      setSaid(problem.refusals[0]?.mend ?? problem.mend);
    }
  };
  const put = async (file: File) => {
    setSaid("Making it small");
    const small = await shrink(file);
    if (!small) return setSaid("This file is no picture that can be read. Choose a photo.");
    setSaid("Sending the photo");
    await send(
      answer(
        api.POST("/kitchens/{kitchen}/bakes/{bake}/photos", {
          params: { path },
          body: small as unknown as string,
          bodySerializer: (body) => body,
          headers: { "Content-Type": "image/jpeg" },
        }),
      ),
    );
  };
  const drop = async (photo: string) => {
    setAsked(null);
    await send(
      answer(api.DELETE("/kitchens/{kitchen}/bakes/{bake}/photos/{photo}", { params: { path: { ...path, photo } } })),
    );
  };
  return (
    <Box as="section" aria-label="Photos" paddingTop="16px">
      <Box as="h2" fontWeight="650">
        Photos
      </Box>
      <Flex gap="10px" wrap="wrap" paddingTop="6px">
        {record.photos.map((photo, at) => {
          const address = `/api/kitchens/${kitchen}/bakes/${record.bake.id}/photos/${photo.id}`;
          return (
            <Box key={photo.id}>
              <a href={address} target="_blank" rel="noreferrer">
                <chakra.img
                  src={address}
                  alt={`${record.bake.name}, ${at + 1} of ${record.photos.length}, put in by ${photo.putBy}`}
                  height="120px"
                  width={`${Math.round((120 * photo.width) / photo.height)}px`}
                  maxWidth="100%"
                  objectFit="cover"
                />
              </a>
              {mayWrite && (
                <Flex align="center" justify="space-between">
                  {asked === photo.id ? (
                    <>
                      <Button look="plain" onClick={() => void drop(photo.id)}>
                        Take it out for good
                      </Button>
                      <Button look="plain" onClick={() => setAsked(null)}>
                        Keep
                      </Button>
                    </>
                  ) : (
                    <RemoveButton label={`Photo ${at + 1}: take it out`} remove={() => setAsked(photo.id)} />
                  )}
                </Flex>
              )}
            </Box>
          );
        })}
      </Flex>
      {mayWrite && <FileButton label="Put in a photo" accept="image/*" take={(file) => void put(file)} />}
      <Box role="status">{said}</Box>
      {mayWrite && record.photos.length === 0 && !said && (
        <Box color="ink2">Kept without its place, its time and its camera.</Box>
      )}
    </Box>
  );
}
