<?php

declare(strict_types=1);

namespace App\Contract;

use Attribute;
use Hojaldre\Core\Pie\Pie;

/** Marks a class whose public fields are a schema of the contract, and gives it its name there. What it says of itself, types and docblocks, is all there is: tools/openapi.php reads it. */
#[Attribute(Attribute::TARGET_CLASS)]
final readonly class Schema
{
    public function __construct(public string $name)
    {
    }

    /** @param  class-string  $class */
    public static function nameOf(string $class): string
    {
        $attribute = (new \ReflectionClass($class))->getAttributes(self::class)[0] ?? null;

        return $attribute?->newInstance()->name ?? ($class === Pie::class ? 'PieDesign' : substr((string) strrchr($class, '\\'), 1));
    }
}
