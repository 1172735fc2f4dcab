<?php

declare(strict_types=1);

namespace App\Contract;

use App\Problem\ProblemAnswer;
use OpenApi\Attributes as OA;

/** One answer of a route in the contract: its status and the class of its body. */
final class Answer extends OA\Response
{
    /** @var class-string */
    private readonly string $class;

    /** @param  class-string  $class */
    public function __construct(int $status, string $description, string $class = ProblemAnswer::class)
    {
        $this->class = $class;
        parent::__construct(
            response: $status,
            description: $description,
            content: new OA\MediaType(
                mediaType: $class === ProblemAnswer::class ? 'application/problem+json' : 'application/json',
                schema: new OA\Schema(ref: '#/components/schemas/'.Schema::nameOf($class)),
            ),
        );
    }

    /** @return class-string  of the JSON */
    public function holds(): string
    {
        return $this->class;
    }
}
