import { Box, Flex } from "@chakra-ui/react";
import { useState } from "react";
import { Link } from "react-router";
import { answer, api, type Trial } from "../../api/client";
import { PlaceRule } from "../../draw/PlaceRule";
import { Button } from "../../ui/Button";
import { Notice } from "../../ui/Notice";
import { day } from "../../ui/numbers";
import { RemoveButton } from "../../ui/RemoveButton";
import { ink } from "../../ui/theme";
import { Taste } from "./Taste";

type Props = {
  kitchen: string;
  trial: Trial;
  mayWrite: boolean;
  send: (call: Promise<unknown>) => Promise<boolean>;
};

/** One trial: the pies on a rule of places, what that proves, and who said what. While somebody tastes, only letters are seen. */
export function OneTrial({ kitchen, trial, mayWrite, send }: Props) {
  const [tastes, setTastes] = useState(false);
  const [asked, setAsked] = useState(false);
  const path = { kitchen, trial: trial.id };
  const keep = async (taster: string, bestFirst: string) => {
    const call = answer(
      api.POST("/kitchens/{kitchen}/trials/{trial}/tastings", { params: { path }, body: { taster, bestFirst } }),
    );
    if (await send(call)) setTastes(false);
  };
  const drop = (tasting: string) =>
    send(
      answer(
        api.DELETE("/kitchens/{kitchen}/trials/{trial}/tastings/{tasting}", { params: { path: { ...path, tasting } } }),
      ),
    );
  const dropAll = () => send(answer(api.DELETE("/kitchens/{kitchen}/trials/{trial}", { params: { path } })));
  return (
    <Box
      as="section"
      aria-label={trial.name}
      borderTop="1.6px solid {colors.rim}"
      paddingBlock="10px 8px"
      marginBottom="22px"
    >
      <Flex gap="4px 14px" align="baseline" wrap="wrap">
        <Box as="h2" fontSize="name" fontWeight="680">
          {trial.name}
        </Box>
        <Box color="ink2">
          begun by {trial.begunBy}, {day(trial.begunAt.slice(0, 10))}
        </Box>
        {mayWrite && !tastes && (
          <Button marginLeft="auto" onClick={() => setTastes(true)}>
            Somebody tastes
          </Button>
        )}
      </Flex>
      {tastes ? (
        <Taste letters={trial.pies.map((pie) => pie.letter)} keep={keep} close={() => setTastes(false)} />
      ) : (
        <>
          {trial.tastings.length > 0 && <PlaceRule pies={trial.pies} best={trial.best} />}
          <Box fontWeight="650" paddingBlock="4px">
            {trial.says}
          </Box>
          {trial.differs && <Box borderTop="3px solid {colors.rim}">{trial.differs}</Box>}
          <Box as="ul" paddingTop="4px">
            {trial.pies.map((pie) => (
              <Flex as="li" key={pie.letter} gap="10px" align="baseline" borderBottom="1px solid {colors.hair}">
                <Box width="20px" fontWeight="680">
                  {pie.letter}
                </Box>
                <Box flex="1">
                  {pie.bake ? (
                    <Link to={`/k/${kitchen}/book/${pie.bake}`} style={{ color: ink("rim") }}>
                      {pie.name}
                    </Link>
                  ) : (
                    pie.name
                  )}
                </Box>
                <Box color="ink2">
                  {trial.tastings.length > 0 && `first with ${pie.firsts}, mean place ${pie.meanPlace}`}
                </Box>
              </Flex>
            ))}
          </Box>
          <Flex as="ul" gap="2px 20px" wrap="wrap" paddingTop="6px">
            {trial.tastings.map((one) => (
              <Box as="li" key={one.id}>
                {one.taster}: {[...one.bestFirst].join(", ")}
                {mayWrite && (
                  <RemoveButton label={`What ${one.taster} said: take it out`} remove={() => void drop(one.id)} />
                )}
              </Box>
            ))}
          </Flex>
          {mayWrite && !asked && (
            <Button look="plain" onClick={() => setAsked(true)} aria-label={`${trial.name}: take the trial out`}>
              Take the trial out
            </Button>
          )}
          {asked && (
            <Notice
              title="The trial and what its tasters said will be gone."
              acts={
                <>
                  <Button onClick={() => setAsked(false)}>Keep it as it is</Button>
                  <Button onClick={() => void dropAll()}>Take it out for good</Button>
                </>
              }
            >
              The bakes stay in the book.
            </Notice>
          )}
        </>
      )}
    </Box>
  );
}
