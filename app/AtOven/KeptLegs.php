<?php

declare(strict_types=1);

namespace App\AtOven;

use Hojaldre\Core\AtOven\ActAnswer;
use Hojaldre\Core\AtOven\ActName;
use Hojaldre\Core\AtOven\CueName;
use Hojaldre\Core\AtOven\GateCost;
use Hojaldre\Core\AtOven\GateItem;
use Hojaldre\Core\AtOven\GateItemName;
use Hojaldre\Core\AtOven\Leg;
use Hojaldre\Core\AtOven\LegName;
use Hojaldre\Core\AtOven\OvenAct;
use Hojaldre\Core\Statement\Statement;

/** Legs as they are kept with a bake: what was told stays told, whatever the model says later. Codes and quantities, no sentences. */
final readonly class KeptLegs
{
    /**
     * @param  list<Leg>  $legs
     * @return list<array<string, mixed>>
     */
    public static function write(array $legs): array
    {
        return array_map(static fn (Leg $leg): array => ['name' => $leg->name->value, 'gate' => array_map(self::item(...), $leg->gate), 'acts' => array_map(self::act(...), $leg->acts)], $legs);
    }

    /**
     * @param  list<array<string, mixed>>  $kept
     * @return list<Leg>
     */
    public static function read(array $kept): array
    {
        return array_map(static fn (array $leg): Leg => new Leg(LegName::from(self::text($leg, 'name')), array_map(self::itemOf(...), self::rows($leg, 'gate')), self::some(array_map(self::actOf(...), self::rows($leg, 'acts')))), $kept);
    }

    /** @return array<string, mixed> */
    private static function item(GateItem $item): array
    {
        return [
            'name' => $item->name->value, 'title' => self::statement($item->title), 'wants' => $item->wantedCelsius, 'mend' => self::statement($item->mend),
            'costs' => array_map(static fn (GateCost $cost): array => ['at' => $cost->atCelsius, 'says' => array_map(self::statement(...), $cost->says), 'wait' => $cost->waitMinutes], $item->costs),
        ];
    }

    /** @param  array<array-key, mixed>  $kept */
    private static function itemOf(array $kept): GateItem
    {
        return new GateItem(
            GateItemName::from(self::text($kept, 'name')), self::said($kept, 'title'), self::number($kept, 'wants'),
            self::some(array_map(static fn (array $cost): GateCost => new GateCost(self::number($cost, 'at'), self::saidAll($cost, 'says'), self::number($cost, 'wait')), self::rows($kept, 'costs'))),
            self::said($kept, 'mend'),
        );
    }

    /** @return array<string, mixed> */
    private static function act(OvenAct $act): array
    {
        return [
            'id' => $act->id, 'name' => $act->name->value, 'minute' => $act->minute, 'after' => $act->isAfterOut, 'title' => self::statement($act->title),
            'says' => array_map(self::statement(...), $act->says), 'cue' => $act->cue?->value,
            'answers' => array_map(static fn (ActAnswer $one): array => ['code' => $one->code, 'title' => self::statement($one->title), 'says' => self::statement($one->says), 'again' => $one->againMinutes, 'moves' => $one->movesOutMinutes, 'out' => $one->takesOut], $act->answers),
        ];
    }

    /** @param  array<array-key, mixed>  $kept */
    private static function actOf(array $kept): OvenAct
    {
        $cue = $kept['cue'] ?? null;

        return new OvenAct(
            self::text($kept, 'id'), ActName::from(self::text($kept, 'name')), self::number($kept, 'minute') ?? 0.0, ($kept['after'] ?? false) === true, self::said($kept, 'title'), self::saidAll($kept, 'says'),
            array_map(static fn (array $one): ActAnswer => new ActAnswer(self::text($one, 'code'), self::said($one, 'title'), self::said($one, 'says'), self::number($one, 'again'), self::number($one, 'moves') ?? 0.0, ($one['out'] ?? false) === true), self::rows($kept, 'answers')),
            is_string($cue) ? CueName::from($cue) : null,
        );
    }

    /** @return array<string, mixed> */
    private static function statement(Statement $statement): array
    {
        return ['code' => $statement->code, 'with' => array_map(self::quantity(...), $statement->with)];
    }

    private static function quantity(mixed $value): mixed
    {
        return match (true) {
            $value instanceof Statement => self::statement($value),
            is_array($value) => array_map(self::quantity(...), array_values($value)),
            default => $value,
        };
    }

    private static function statementOf(mixed $kept): Statement
    {
        $with = is_array($kept) && is_array($kept['with'] ?? null) ? $kept['with'] : [];
        $quantities = [];
        foreach ($with as $name => $value) {
            $quantities[(string) $name] = match (true) {
                is_array($value) && isset($value['code']) => self::statementOf($value),
                is_array($value) => array_map(self::statementOf(...), array_values($value)),
                is_bool($value), is_int($value), is_float($value), is_string($value) => $value,
                default => '',
            };
        }

        return new Statement(is_array($kept) ? self::text($kept, 'code') : '', $quantities);
    }

    /** @param  array<array-key, mixed>  $kept */
    private static function text(array $kept, string $key): string
    {
        $value = $kept[$key] ?? '';

        return is_string($value) ? $value : '';
    }

    /** @param  array<array-key, mixed>  $kept */
    private static function number(array $kept, string $key): ?float
    {
        $value = $kept[$key] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    /** @param  array<array-key, mixed>  $kept */
    private static function said(array $kept, string $key): Statement
    {
        return self::statementOf($kept[$key] ?? []);
    }

    /**
     * @param  array<array-key, mixed>  $kept
     * @return list<Statement>
     */
    private static function saidAll(array $kept, string $key): array
    {
        return array_map(self::statementOf(...), self::rows($kept, $key));
    }

    /**
     * @param  array<array-key, mixed>  $kept
     * @return list<array<array-key, mixed>>
     */
    private static function rows(array $kept, string $key): array
    {
        $rows = $kept[$key] ?? [];

        return is_array($rows) ? array_values(array_filter($rows, is_array(...))) : [];
    }

    /**
     * @template T
     *
     * @param  list<T>  $rows
     * @return non-empty-list<T>
     */
    private static function some(array $rows): array
    {
        return $rows === [] ? throw new \LogicException('A leg that was kept has lost its acts.') : $rows;
    }
}
