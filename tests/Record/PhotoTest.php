<?php

declare(strict_types=1);

namespace Tests\Record;

use App\AtOven\StoredBake;
use App\Kitchen\Kitchen;
use App\Record\BakePhoto;
use App\Record\JpegFile;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class PhotoTest extends TestCase
{
    private Kitchen $kitchen;

    private string $bake;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen = $this->kitchen();
        $this->actingAs($this->member($this->kitchen));
        $ids = $this->postJson("/api/kitchens/{$this->kitchen->id}/bakes", ['bakes' => [['id' => null, 'pie' => $this->stored($this->kitchen)->id, 'design' => null, 'count' => 1, 'oven' => null, 'isFrozen' => false, 'plannedAt' => null, 'batch' => null]]])->assertCreated()->json('ids');
        $this->bake = is_array($ids) && is_string($ids[0]) ? $ids[0] : self::fail('no id');
    }

    protected function tearDown(): void
    {
        File::deleteDirectory(storage_path('photos'));
        parent::tearDown();
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function sent(string $bytes): TestResponse
    {
        return $this->call('POST', "/api/kitchens/{$this->kitchen->id}/bakes/$this->bake/photos", server: ['CONTENT_TYPE' => 'image/jpeg'], content: $bytes);
    }

    public function test_a_photo_is_kept_as_a_file_without_place_device_and_person_and_thrown_away_again(): void
    {
        $photo = $this->sent(Jpeg::bytes())->assertOk()->assertJsonPath('photos.0.width', 8)->assertJsonPath('photos.0.putBy', 'Ada')->json('photos.0.id');
        self::assertIsString($photo);
        $file = (string) file_get_contents(BakePhoto::pathOf($this->kitchen->id, $photo));
        foreach ([Jpeg::DEVICE, 'GPS', 'Exif', 'Ada'] as $told) {
            self::assertStringNotContainsString($told, $file);
        }
        self::assertSame(8, getimagesizefromstring($file)[1] ?? null);
        self::assertStringEndsWith("\xFF\xD9", $file);
        $this->get("/api/kitchens/{$this->kitchen->id}/bakes/$this->bake/photos/$photo")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->deleteJson("/api/kitchens/{$this->kitchen->id}/bakes/$this->bake/photos/$photo")->assertOk()->assertJsonPath('photos', []);
        self::assertFileDoesNotExist(BakePhoto::pathOf($this->kitchen->id, $photo));
        $this->getJson("/api/kitchens/{$this->kitchen->id}/bakes/$this->bake/photos/$photo")->assertStatus(404);
    }

    public function test_what_was_stripped_once_stays_as_it_is(): void
    {
        $once = JpegFile::of(Jpeg::bytes())->bytes;
        self::assertSame($once, JpegFile::of($once)->bytes);
    }

    public function test_what_is_no_photo_or_too_large_is_refused_with_what_to_send(): void
    {
        $this->sent('<?php echo 1;')->assertStatus(422)->assertJsonPath('code', 'no-photo');
        // a picture that ends before its end
        $this->sent(substr(Jpeg::bytes(), 0, 120))->assertStatus(422)->assertJsonPath('code', 'no-photo');
        $this->sent("\xFF\xD8\xFF".str_repeat('x', JpegFile::MOST_BYTES))->assertStatus(422)->assertJsonPath('code', 'photo-too-large');
        // 0x2000 high
        $this->sent(str_replace("\x08\x00\x08\x00\x08\x01", "\x08\x20\x00\x00\x08\x01", Jpeg::bytes()))->assertStatus(422)->assertJsonPath('code', 'photo-too-wide');
        self::assertSame(0, BakePhoto::query()->count());
    }

    public function test_a_bake_has_twelve_photos_at_most(): void
    {
        $bake = StoredBake::inKitchen($this->kitchen, $this->bake);
        foreach (range(1, 12) as $ignored) {
            BakePhoto::put($bake, JpegFile::of(Jpeg::bytes()), 'Ada');
        }
        $this->expectException(Refused::class);
        BakePhoto::put($bake, JpegFile::of(Jpeg::bytes()), 'Ada');
    }
}
