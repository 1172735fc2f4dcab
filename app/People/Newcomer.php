<?php

declare(strict_types=1);

namespace App\People;

use App\Contract\Schema;
use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Refusal\Refusal;

/** Who opens an invitation and has not signed in here before. */
#[Schema('Newcomer')]
final readonly class Newcomer implements Judged
{
    public function __construct(#[Text(1, 80)] public string $name, #[Text(1, 254)] public string $email, #[Text(10, 200)] public string $password)
    {
    }

    public function refusals(): array
    {
        return filter_var($this->email, FILTER_VALIDATE_EMAIL) === false ? [new Refusal('not-an-email', '/email')] : [];
    }
}
