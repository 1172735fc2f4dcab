import { Box, Flex } from "@chakra-ui/react";
import { useQueryClient } from "@tanstack/react-query";
import { answer, api, type DayPlan, type PieDesign } from "../../api/client";
import { useWrite } from "../../api/useWrite";
import { Button } from "../../ui/Button";
import { number } from "../../ui/numbers";
import { Said } from "../../ui/Said";

type Props = { kitchen: string; warnings: DayPlan["warnings"]; mayWrite: boolean };

/** Pies whose minutes are not safe, before anything else; one press gives them the safe ones. */
export function Unsafe({ kitchen, warnings, mayWrite }: Props) {
  const client = useQueryClient();
  const { said, trouble, write } = useWrite(kitchen);
  const path = (pie: string) => ({ params: { path: { kitchen, pie } } });
  const save = async (pie: string, basedOn: number, design: PieDesign) =>
    answer(api.POST("/kitchens/{kitchen}/pies/{pie}/revisions", { ...path(pie), body: { basedOn, design } }));
  const again = () => client.invalidateQueries({ queryKey: ["kitchen", kitchen] });
  const lengthen = async (pie: string, name: string, minutes: number) => {
    const was = await answer(api.GET("/kitchens/{kitchen}/pies/{pie}", path(pie)));
    const saved = save(pie, was.revision.number, withMinutes(was.design, minutes));
    await write("pies", saved, {
      words: `${name}: ${number(minutes)} min in the oven.`,
      undo: () => void saved.then((now) => save(pie, now.revision.number, was.design)).then(again),
    });
    await again();
  };
  return (
    <>
      <Said said={said} />
      {trouble && <Box role="alert">{trouble.mend}</Box>}
      {warnings.map((one) => (
        <Flex
          key={one.pie}
          role="alert"
          gap="6px 14px"
          wrap="wrap"
          align="center"
          borderTop="3px solid {colors.rim}"
          paddingBlock="8px"
        >
          <Box flex="1 1 300px">
            <b>{one.name}.</b> {one.says.join(" ")}
          </Box>
          {mayWrite && one.safeMinutes !== null && (
            <Button look="filled" onClick={() => void lengthen(one.pie, one.name, one.safeMinutes ?? 0)}>
              Bake it {number(one.safeMinutes)} min
            </Button>
          )}
        </Flex>
      ))}
    </>
  );
}

/** Its last stage is as much longer as it lacks. */
function withMinutes(design: PieDesign, minutes: number): PieDesign {
  const stages = design.bake.stages;
  const all = stages.reduce((sum, one) => sum + one.minutes, 0);
  return {
    ...design,
    bake: {
      ...design.bake,
      stages: stages.map((one, at) =>
        at === stages.length - 1 ? { ...one, minutes: one.minutes + minutes - all } : one,
      ),
    },
  };
}
