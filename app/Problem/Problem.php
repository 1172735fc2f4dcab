<?php

declare(strict_types=1);

namespace App\Problem;

use App\Pie\RevisionAnswer;
use App\Wording\Words;
use Hojaldre\Core\Refusal\Refusal;
use RuntimeException;

/** An answer other than the one asked for, with what to do about it (RFC 9457). Its body is App\Problem\ProblemAnswer. */
final class Problem extends RuntimeException
{
    /**
     * @param  list<Refusal>  $refusals
     */
    private function __construct(
        public readonly int $status,
        public readonly string $problem,
        public readonly string $title,
        private readonly ?string $mend,
        public readonly string $at = '',
        public readonly array $refusals = [],
        public readonly ?int $retryAfterSeconds = null,
        private readonly ?RevisionAnswer $revision = null,
    ) {
        parent::__construct($mend ?? $problem);
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

    /** @param  RevisionAnswer  $revision  the one that was saved meanwhile */
    public static function clash(RevisionAnswer $revision): self
    {
        return new self(
            409, 'clash', 'Saved meanwhile',
            'This pie was saved from elsewhere meanwhile. Open that version, replace it with yours, or keep both.',
            '/basedOn', revision: $revision,
        );
    }

    public static function batchClash(string $savedBy): self
    {
        return new self(409, 'clash', 'Saved meanwhile', "$savedBy changed this batch meanwhile. Look at it as it is now, then make your change again.", '/basedOn');
    }

    public static function dayClash(string $savedBy): self
    {
        return new self(409, 'clash', 'Saved meanwhile', "$savedBy changed this day meanwhile. Look at it as it is now, then make your change again.", '/basedOn');
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

    public static function refused(string $code, string $at): self
    {
        return self::refusals([new Refusal($code, $at)]);
    }

    /** @param  non-empty-list<Refusal>  $refusals */
    public static function refusals(array $refusals): self
    {
        return new self(422, $refusals[0]->code, 'Refused', null, $refusals[0]->at, $refusals);
    }

    public static function tooMany(int $seconds): self
    {
        return new self(429, 'too-many-tries', 'Too many tries', "Wait $seconds seconds, then try again.", retryAfterSeconds: $seconds);
    }

    public static function fault(): self
    {
        return new self(500, 'fault', 'Our fault', 'Something broke on our side and was written to the log. Try again; what you typed is kept on this device.');
    }

    public function answer(Words $words): ProblemAnswer
    {
        $refusals = array_map(static fn (Refusal $one): RefusalAnswer => RefusalAnswer::of($one, $words), $this->refusals);

        return new ProblemAnswer(
            'about:blank', $this->title, $this->status, $this->problem, $this->at, $this->mend ?? $refusals[0]->mend ?? '', $refusals,
            $this->retryAfterSeconds, $this->revision,
        );
    }
}
