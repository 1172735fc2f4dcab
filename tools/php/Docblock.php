<?php

declare(strict_types=1);

namespace Tools;

use ReflectionClass;

/** What a docblock says: its text, and of each field the type and the text. */
final readonly class Docblock
{
    /** @param  array<string, array{type: string, text: string}>  $fields */
    private function __construct(public string $text, public array $fields)
    {
    }

    /** @param  ReflectionClass<object>  $class */
    public static function of(ReflectionClass $class): self
    {
        return self::parse((string) $class->getDocComment());
    }

    /** @param  ReflectionClass<object>  $class */
    public static function ofConstructor(ReflectionClass $class): self
    {
        $constructor = self::parse((string) $class->getConstructor()?->getDocComment())->fields;
        foreach ($class->getProperties() as $property) {
            $own = self::parse((string) $property->getDocComment());
            if (! $property->isPromoted() && ($own->text !== '' || $own->fields !== [])) {
                $var = $own->fields[''] ?? ['type' => '', 'text' => ''];
                $constructor[$property->getName()] = ['type' => $var['type'], 'text' => trim($own->text.' '.$var['text'])];
            }
        }

        return new self('', $constructor);
    }

    private static function parse(string $comment): self
    {
        $body = (string) preg_replace(['~^/\*\*|\*/$~', '~^[ \t]*\*[ \t]?~m'], '', $comment);
        $parts = preg_split('~^\s*(?=@)~m', trim($body)) ?: [];
        $fields = [];
        $text = '';
        foreach ($parts as $part) {
            if (preg_match('~^@(?:param|var)\s+(?<type>(?:[^\s<{]|<[^>]*>)+)(?:\s+\$(?<name>\w+))?\s*(?<text>.*)$~s', $part, $found) === 1) {
                $fields[$found['name']] = ['type' => $found['type'], 'text' => self::line($found['text'])];
            } elseif (! str_starts_with($part, '@')) {
                $text = self::line($part);
            }
        }

        return new self($text, $fields);
    }

    private static function line(string $text): string
    {
        return trim((string) preg_replace('~\s+~', ' ', $text));
    }
}
