import { Menu as Headless, Portal } from "@chakra-ui/react";
import type { ReactNode } from "react";

export type MenuItem = { label: string; act: () => void; disabled?: boolean; seated?: boolean };

/** A short list of acts behind a button. Arrows, letters, Enter and Escape work. */
export function Menu({ trigger, items, label }: { trigger: ReactNode; items: MenuItem[]; label: string }) {
  return (
    <Headless.Root
      onSelect={({ value }) => items.find((item) => item.label === value)?.act()}
      positioning={{ placement: "bottom-end" }}
      lazyMount
      unmountOnExit
    >
      <Headless.Trigger asChild>{trigger}</Headless.Trigger>
      <Portal>
        <Headless.Positioner>
          <Headless.Content
            aria-label={label}
            background="ground"
            border="2px solid {colors.rim}"
            borderRadius="4px"
            padding="4px"
            minWidth="180px"
            maxHeight="60vh"
            overflowY="auto"
            zIndex={20}
            _focusVisible={{ outline: "none", boxShadow: "none" }}
          >
            {items.map((item) => (
              <Headless.Item
                key={item.label}
                value={item.label}
                disabled={item.disabled}
                paddingInline="10px"
                minHeight="40px"
                display="flex"
                alignItems="center"
                borderRadius="3px"
                cursor="pointer"
                fontWeight={item.seated ? "650" : "430"}
                _highlighted={{ background: "well" }}
                _disabled={{ color: "ink3", cursor: "not-allowed" }}
              >
                {item.label}
              </Headless.Item>
            ))}
          </Headless.Content>
        </Headless.Positioner>
      </Portal>
    </Headless.Root>
  );
}
