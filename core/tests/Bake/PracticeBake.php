<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Pie\Pie;

/** A bake as cooks do it, and what they say of it (common practice, no source). */
final readonly class PracticeBake
{
    /**
     * @param  bool  $isFitted  whether the model was fitted with it; the others were only looked at
     * @param  string  $word  the cook's
     * @param  list<ReadingName>  $contentWith  readings whose outcome the cook told and was content with
     * @param  list<ReadingName>  $faults  readings of which one at least must be red
     * @param  array{float, float, BakeEvent}|null  $minutes  from, to, of what; null where practice tells none
     */
    private function __construct(
        public string $name,
        public bool $isFitted,
        public Pie $pie,
        public string $word,
        public array $contentWith,
        public array $faults,
        public ?array $minutes,
    ) {
    }

    /** @param  list<ReadingName>  $contentWith */
    public static function good(string $name, bool $isFitted, Pie $pie, string $word, array $contentWith, ?float $from = null, ?float $to = null, ?BakeEvent $event = null): self
    {
        return new self($name, $isFitted, $pie, $word, $contentWith, [], $from === null || $to === null || $event === null ? null : [$from, $to, $event]);
    }

    /** @param  list<ReadingName>  $faults */
    public static function bad(string $name, bool $isFitted, Pie $pie, string $word, array $faults): self
    {
        return new self($name, $isFitted, $pie, $word, [], $faults, null);
    }

    public function isGood(): bool
    {
        return $this->faults === [];
    }
}
