<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\PieFile;

use PHPUnit\Framework\TestCase;

final class BentFilesTest extends TestCase
{
    /** Small here; `./hojaldre bench fuzz` runs ten thousand. */
    public function test_a_bent_file_is_taken_or_refused_and_never_breaks_anything(): void
    {
        $seen = BentFiles::run(150, seed: 11);
        self::assertSame(150, array_sum($seen));
        self::assertGreaterThan(15, min($seen), 'both must have been tried');
    }
}
