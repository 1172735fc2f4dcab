<?php

declare(strict_types=1);

namespace Tests\Forecast;

use App\Forecast\KeptAnswers;
use Tests\TestCase;

/** A design that is asked again is not baked again, and never gets another's answer. */
final class KeptAnswersTest extends TestCase
{
    public function test_an_answer_is_kept_by_all_that_was_asked(): void
    {
        KeptAnswers::to('celsius{"name":"a"}')->keep('{"is":1}');
        self::assertSame('{"is":1}', KeptAnswers::to('celsius{"name":"a"}')->answer());
        self::assertNull(KeptAnswers::to('fahrenheit{"name":"a"}')->answer());
        self::assertNull(KeptAnswers::to('celsius{"name":"b"}')->answer());
    }

    public function test_what_falls_into_a_taken_slot_takes_its_place_and_no_more_are_kept_than_there_are_slots(): void
    {
        for ($n = 0; $n < 1200; $n++) {
            KeptAnswers::to("design $n")->keep("answer $n");
        }
        $found = array_filter(range(0, 1199), static fn (int $n): bool => KeptAnswers::to("design $n")->answer() !== null);
        self::assertLessThanOrEqual(512, count($found));
        self::assertGreaterThan(350, count($found));
        foreach ($found as $n) {
            self::assertSame("answer $n", KeptAnswers::to("design $n")->answer());
        }
        self::assertCount(count((array) glob(storage_path('answers/*'))), $found);
    }

    public function test_the_same_question_gets_the_same_bytes_and_another_scale_its_own_words(): void
    {
        $kitchen = $this->kitchen();
        $this->actingAs($this->member($kitchen));
        $ask = fn (): string => (string) $this->postJson("/api/kitchens/$kitchen->id/forecast", $this->design())->assertOk()->getContent();
        $first = $ask();
        self::assertSame($first, $ask());
        $this->putJson('/api/session/units', ['volumes' => 'metric', 'temperatures' => 'fahrenheit', 'eggs' => 'us'])->assertOk();
        self::assertStringContainsString('\\u00b0F', $ask());
        $this->postJson("/api/kitchens/$kitchen->id/forecast", ['format' => 'cake'])->assertStatus(422);
        $this->postJson("/api/kitchens/$kitchen->id/forecast", ['format' => 'cake'])->assertStatus(422);
    }
}
