<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Schema;
use Hojaldre\Core\Document\Text;

#[Schema('PasswordWish')]
final readonly class PasswordWish
{
    /**
     * @param  string  $now  the one that holds until now
     * @param  string  $wanted  the new one; ten letters or more
     */
    public function __construct(#[Text(1, 200)] public string $now, #[Text(10, 200)] public string $wanted)
    {
    }
}
