<?php

declare(strict_types=1);

namespace App\Problem;

use Hojaldre\Core\Refusal\Refusal;
use RuntimeException;

/** An answer other than the one asked for, with what to do about it (RFC 9457). */
final class Problem extends RuntimeException
{
    /**
     * @param  list<Refusal>  $refusals
     * @param  array<string, mixed>  $more
     */
    private function __construct(
        public readonly int $status,
        public readonly string $problem,
        public readonly string $title,
        public readonly string $mend,
        public readonly string $at = '',
        public readonly array $refusals = [],
        public readonly array $more = [],
    ) {
        parent::__construct($mend);
    }

    public static function notSignedIn(): self
    {
        return new self(401, 'not-signed-in', 'Not signed in', 'Sign in, then try again. What you typed is kept on this device.');
    }

    public static function forbidden(string $mend): self
    {
        return new self(403, 'not-allowed', 'Not allowed', $mend);
    }

    public static function notFound(string $mend): self
    {
        return new self(404, 'not-found', 'Not found', $mend);
    }

    public static function wrongMethod(): self
    {
        return new self(405, 'wrong-method', 'Wrong method', 'This address does not answer to that verb; see the contract.');
    }

    /** @param  array<string, mixed>  $revision the one that was saved meanwhile */
    public static function clash(array $revision): self
    {
        return new self(
            409, 'clash', 'Saved meanwhile',
            'This pie was saved from elsewhere meanwhile. Look at that revision, save yours on top of it, or keep yours as a copy.',
            '/basedOn', more: ['revision' => $revision],
        );
    }

    public static function tooLarge(): self
    {
        return new self(413, 'too-large', 'Too large', 'Send at most 256 kB.');
    }

    public static function tooManyKeys(): self
    {
        return new self(413, 'too-many-keys', 'Too many keys', 'One object of what was sent has more than 200 keys. A pie has none like that: export it again and send that file.');
    }

    public static function staleToken(): self
    {
        return new self(419, 'stale-token', 'Token is stale', 'Fetch the session again and repeat with its token.');
    }

    public static function refused(string $code, string $at, string $mend): self
    {
        return self::refusals([new Refusal($code, $at, $mend)]);
    }

    /** @param  non-empty-list<Refusal>  $refusals */
    public static function refusals(array $refusals): self
    {
        return new self(422, $refusals[0]->code, 'Refused', $refusals[0]->mend, $refusals[0]->at, $refusals);
    }

    public static function tooMany(int $seconds): self
    {
        return new self(429, 'too-many-tries', 'Too many tries', "Wait $seconds seconds, then try again.", more: ['retryAfterSeconds' => $seconds]);
    }

    public static function fault(): self
    {
        return new self(500, 'fault', 'Our fault', 'Something broke on our side and was written to the log. Try again; what you typed is kept on this device.');
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'type' => 'about:blank',
            'title' => $this->title,
            'status' => $this->status,
            'code' => $this->problem,
            'at' => $this->at,
            'mend' => $this->mend,
            'refusals' => array_map(static fn (Refusal $one): array => $one->toArray(), $this->refusals),
            ...$this->more,
        ];
    }
}
