<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Schema;
use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Refusal\Refusal;

/** Who wants to sign in. */
#[Schema('SignIn')]
final readonly class Credentials implements Judged
{
    public function __construct(#[Text(1, 254)] public string $email, #[Text(1, 200)] public string $password)
    {
    }

    public function refusals(): array
    {
        return filter_var($this->email, FILTER_VALIDATE_EMAIL) === false ? [new Refusal('not-an-email', '/email')] : [];
    }

    public function address(): string
    {
        return mb_strtolower($this->email);
    }
}
