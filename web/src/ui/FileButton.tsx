import { chakra } from "@chakra-ui/react";

type Props = { label: string; accept: string; take: (file: File) => void };

/** A file of this device is brought in: one press, looks like any other button. */
export function FileButton({ label, accept, take }: Props) {
  return (
    <chakra.label
      display="inline-flex"
      alignItems="center"
      position="relative"
      minHeight="40px"
      paddingInline="14px"
      borderRadius="5px"
      border="1.5px solid {colors.rim}"
      color="rim"
      fontWeight="650"
      cursor="pointer"
      _hover={{ background: "well" }}
      _focusWithin={{ outline: "3px solid {colors.ink}", outlineOffset: "2px" }}
    >
      {label}
      <chakra.input
        type="file"
        accept={accept}
        position="absolute"
        inset="0"
        opacity="0"
        width="100%"
        cursor="pointer"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          // the same file can be taken once more
          event.target.value = "";
          if (file) take(file);
        }}
      />
    </chakra.label>
  );
}
