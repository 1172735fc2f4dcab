<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;

#[Schema('ShellAnswer')]
final readonly class ShellAnswer
{
    /** @param  ShellAdviceAnswer|null  $shell  null where there is no shell to bake blind */
    public function __construct(public ?ShellAdviceAnswer $shell)
    {
    }
}
