<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

use Hojaldre\Core\Pie\PieKind;

/** Which of the eight kinds a recipe makes, by what it calls it and what it does. */
final readonly class KindOfPie
{
    /** The first that fits (common practice, no source). */
    private const TITLES = [
        ['/\b(?:pasty|pasties|oggy|oggies?)\b/iu', PieKind::Pasty],
        ['/\b(?:empanadas?|hand[ -]?pies?|turnovers?|samosas?|patties|patty|parcels?|calzones?|pierogi|half[ -]moons?|pockets?|puffs)\b/iu', PieKind::HandPie],
        ['/\bpot[ -]pies?\b/iu', PieKind::PotPie],
        ['/\b(?:quiches?|flans?)\b/iu', PieKind::Quiche],
        ['/\b(?:torta|easter pie|springform|picnic pie|raised pie|deep[ -]?filled pie)\b/iu', PieKind::DeepPie],
        ['/\bgalettes?\b/iu', PieKind::PuffTart],
    ];

    private const FOLDS = '/\bfold (?:the|each|one|over|in half|it over|them)\b[^.]{0,60}\b(?:half|over|seal|filling|crimp|edges?)\b/iu';

    private const LID = '/\b(?:(?:pastry |pie )?lid|top (?:it )?with (?:the |a )?(?:second|other|remaining|rest|pastry)|cover (?:it )?with (?:the |a )?(?:second|other|remaining|rest|pastry|puff|sheet|lid)|(?:second|other|remaining|smaller|rest of the) (?:[\p{L}-]+ ){0,3}(?:pastry|dough|disc|round|piece|half|sheet|crust)[^.]{0,60}(?:on top|over|to cover|cover|lid|drape)|(?:lay|put|drape|place|roll out|unroll) (?:the |a )?(?:pastry|puff|dough|puff pastry|pastry sheet|sheet)[^.]{0,40}\b(?:over|on top)|top crust|double[ -]crust|two[ -]crust|two pie crusts)\b/iu';

    private const LINES = '/\b(?:line|lining|lined|ease|press|fit|drape) (?:a |the |your |an? \d|it into|into|in )[^.]{0,60}\b(?:tin|dish|pan|plate|springform|ring|mould|case|flan)\b|\bline [^.]{0,60}with (?:the |two thirds|half|most|larger|pastry)|\bbottom crust\b|\bbase and sides\b/iu';

    private const LATTICE = '/\b(?:lattice|woven strips|criss-?cross)\b/iu';

    public static function of(string $title, string $text): PieKind
    {
        $isLatticed = preg_match(self::LATTICE, $text) === 1;
        $folds = preg_match(self::FOLDS, $text) === 1;
        foreach (self::TITLES as [$pattern, $kind]) {
            if (preg_match($pattern, $title) === 1) {
                return $kind === PieKind::Quiche && ! self::isBlind($text) ? PieKind::RawCrustTart : $kind;
            }
        }
        $lid = preg_match(self::LID, $text) === 1;
        $lines = preg_match(self::LINES, $text) === 1;

        return match (true) {
            preg_match('/spring-?form/iu', $text) === 1 => PieKind::DeepPie,
            $folds && preg_match('/\b(?:circles?|discs?|rounds?|squares?|saucer)\b/iu', $text) === 1 && ! $lines => preg_match('/\braw\b|swede|potato|skirt/iu', $text) === 1 && preg_match('/2\dcm|1[89] ?cm|20 ?cm|8 ?inch|dinner plate/iu', $text) === 1 ? PieKind::Pasty : PieKind::HandPie,
            ($lid || $isLatticed) && ($lines || preg_match('/\b(?:double|two|2)[ -]?(?:crusts?|pie crusts|pastry (?:sheets|discs|rounds))\b/iu', $text) === 1) => PieKind::DoubleCrust,
            $lid => PieKind::PotPie,
            self::isBlind($text) => PieKind::Quiche,
            preg_match('/\bpuff\b/iu', $text) === 1 && preg_match('/\b(?:tray|baking sheet|border|score)\b/iu', $text) === 1 => PieKind::PuffTart,
            default => PieKind::RawCrustTart,
        };
    }

    public static function isLatticed(string $text): bool
    {
        return preg_match(self::LATTICE, $text) === 1;
    }

    private static function isBlind(string $text): bool
    {
        return preg_match('/\b(?:blind|par-?bak\w*|pre-?bak\w*|baking beans|pie weights|bake the (?:empty |pastry |tart )?(?:shell|case|crust)|ready-baked|pre-cooked pastry|baked pastry)\b/iu', $text) === 1;
    }
}
