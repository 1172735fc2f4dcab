<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

use Attribute;
use Hojaldre\Core\Document\Rule;
use Hojaldre\Core\Refusal\Refusal;

/** Only a food with this role fits in this place. */
#[Attribute(Attribute::TARGET_PARAMETER | Attribute::TARGET_PROPERTY)]
final readonly class OfRole implements Rule
{
    public function __construct(public Role $role)
    {
    }

    public function refusals(mixed $value): array
    {
        return $value instanceof Food && $value->role !== $this->role ? [new Refusal('role-does-not-fit', '/role', ['role' => $this->role->value])] : [];
    }
}
