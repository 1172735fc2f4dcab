<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Attribute;
use Hojaldre\Core\Document\Rule;
use Hojaldre\Core\Food\OfRole;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Refusal\Refusal;

/** Only ingredients with one of these roles fit in this place, one or a list of them. */
#[Attribute(Attribute::TARGET_PARAMETER | Attribute::TARGET_PROPERTY)]
final readonly class IngredientsOfRole implements Rule
{
    /** @var list<Role> */
    public array $roles;

    public function __construct(Role ...$roles)
    {
        $this->roles = array_values($roles);
    }

    public function refusals(mixed $value): array
    {
        $rule = new OfRole(...$this->roles);
        $refusals = [];
        foreach (is_array($value) ? $value : ['' => $value] as $index => $one) {
            $at = $index === '' ? '/food' : "/$index/food";
            $found = $one instanceof Ingredient ? $rule->refusals($one->food) : [];
            $refusals = [...$refusals, ...array_map(static fn (Refusal $refusal): Refusal => $refusal->under($at), $found)];
        }

        return $refusals;
    }
}
