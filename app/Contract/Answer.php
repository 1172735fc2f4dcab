<?php

declare(strict_types=1);

namespace App\Contract;

use App\Problem\ProblemAnswer;
use Attribute;
use OpenApi\Attributes as OA;

/** One answer of a route in the contract: its status and the class of its body. */
#[Attribute(Attribute::TARGET_METHOD | Attribute::IS_REPEATABLE)]
final class Answer extends OA\Response
{
    /** @param  class-string  $class */
    public function __construct(int $status, string $description, string $class = ProblemAnswer::class)
    {
        parent::__construct(
            response: $status,
            description: $description,
            content: new OA\MediaType(
                mediaType: $class === ProblemAnswer::class ? 'application/problem+json' : 'application/json',
                schema: new OA\Schema(ref: '#/components/schemas/'.Schema::nameOf($class)),
            ),
        );
    }
}
