<?php

declare(strict_types=1);

namespace Tests\Problem;

use App\Problem\ProblemResponse;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Session\TokenMismatchException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Tests\Contract\ContractCheck;
use Throwable;

final class ProblemTest extends TestCase
{
    /** @return iterable<string, array{Throwable, int, string}> */
    public static function thrown(): iterable
    {
        yield 'a fault of ours' => [new RuntimeException('secret path /var/www'), 500, 'fault'];
        yield 'a stale token' => [new TokenMismatchException, 419, 'stale-token'];
        yield 'too much sent' => [new PostTooLargeException, 413, 'too-large'];
        yield 'nothing there' => [new HttpException(404), 404, 'not-found'];
        yield 'a wrong verb' => [new HttpException(405), 405, 'wrong-method'];
        yield 'too often' => [new HttpException(429), 429, 'too-many-tries'];
        yield 'another status' => [new HttpException(418), 500, 'fault'];
        yield 'a refusal of the core' => [Refused::because('out-of-range', '/portions', ['field' => 'portions', 'value' => 0.0, 'least' => 1.0, 'most' => 500.0, 'unit' => '']), 422, 'out-of-range'];
    }

    #[DataProvider('thrown')]
    public function test_whatever_is_thrown_becomes_a_problem_of_the_contract_with_a_mend(Throwable $thrown, int $status, string $code): void
    {
        $response = ProblemResponse::for($thrown);
        self::assertSame($status, $response->getStatusCode());
        self::assertSame('application/problem+json', $response->headers->get('Content-Type'));
        $body = (string) $response->getContent();
        ContractCheck::assertBody('#/components/schemas/Problem', $body, $code);
        $problem = json_decode($body, true);
        self::assertSame($code, $problem['code']);
        self::assertStringEndsWith('.', $problem['mend']);
        self::assertStringNotContainsString('secret', $body, 'what broke is for the log');
    }

    public function test_a_wait_is_told_in_the_header_too(): void
    {
        self::assertSame('60', ProblemResponse::for(new HttpException(429))->headers->get('Retry-After'));
    }

    public function test_broken_letters_in_a_refusal_do_not_break_the_answer(): void
    {
        self::assertNotFalse(ProblemResponse::for(Refused::because('unknown-field', "/\xff", ['field' => "\xff", 'known' => ['name']]))->getContent());
    }
}
