<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

use Attribute;
use Hojaldre\Core\Document\Rule;
use Hojaldre\Core\Refusal\Refusal;

/** Only a food with one of these roles fits in this place. */
#[Attribute(Attribute::TARGET_PARAMETER | Attribute::TARGET_PROPERTY)]
final readonly class OfRole implements Rule
{
    /** @var list<Role> */
    public array $roles;

    public function __construct(Role ...$roles)
    {
        $this->roles = array_values($roles);
    }

    public function refusals(mixed $value): array
    {
        return $value instanceof Food && ! in_array($value->role, $this->roles, true) ? [new Refusal('role-does-not-fit', '/role', ['role' => implode(', ', array_map(static fn (Role $role): string => $role->value, $this->roles))])] : [];
    }
}
