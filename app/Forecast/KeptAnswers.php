<?php

declare(strict_types=1);

namespace App\Forecast;

use Hojaldre\Core\Forecast\Forecast;

/**
 * Answers kept by what was asked, so that a design that is asked again (another tab, undo, the Back button) is not baked again.
 * A few hundred slots in files: what falls into a slot that is taken takes its place. They are emptied at each start.
 */
final readonly class KeptAnswers
{
    private const SLOTS = 512;

    private function __construct(private string $file, private string $key)
    {
    }

    /** @param  string  $asked  all that the answer depends on */
    public static function to(string $asked): self
    {
        $key = hash('sha256', Forecast::MODEL.$asked);

        return new self(storage_path(sprintf('answers/%03d', hexdec(substr($key, 0, 6)) % self::SLOTS)), $key);
    }

    public function answer(): ?string
    {
        $kept = @file_get_contents($this->file);

        return $kept !== false && str_starts_with($kept, $this->key) ? substr($kept, strlen($this->key)) : null;
    }

    public function keep(string $answer): void
    {
        if (! is_dir(dirname($this->file)) && ! @mkdir(dirname($this->file), 0700, true) && ! is_dir(dirname($this->file))) {
            return;
        }
        // whole or not at all, whoever else writes
        $new = $this->file.'.'.getmypid();
        if (@file_put_contents($new, $this->key.$answer) !== false) {
            @rename($new, $this->file);
        }
    }
}
