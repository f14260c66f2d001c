<?php

declare(strict_types=1);

namespace Tests\Feature\House;

use App\Models\House\OperationStandard;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Support\Kept;
use App\Support\Minutes;
use App\Support\OneAtATime;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** What is worked out once is worked out again as soon as it is another, and a part alone is that of the whole. */
final class KeptTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->build();
    }

    #[TestWith(['2026-03-29 00:59:59'])]
    #[TestWith(['2026-03-29 01:00:00'])]
    #[TestWith(['2024-02-29 23:59:00'])]
    #[TestWith(['1999-12-31 12:34:56'])]
    public function test_an_instant_of_a_column_is_the_minute_that_the_library_says(string $text): void
    {
        self::assertSame(intdiv((int) strtotime("{$text} UTC"), 60), Minutes::ofColumn($text));
        $person = (new Person)->setRawAttributes(['at' => $text]);
        self::assertSame((new \DateTimeImmutable("{$text} UTC"))->format('Y-m-d\TH:i:s\Z'), $person->instant('at'));
        self::assertNull($person->instant('nothing'));
    }

    public function test_the_house_is_read_once_where_it_is_held_still_and_again_after_it_was_changed(): void
    {
        $house = app(House::class);
        $labour = static fn (): array => array_map(static fn ($one): int => $one->hours->likely->minutes, $house->standards()->operations());
        $before = $labour();
        OperationStandard::query()->toBase()->update(['labour_minutes' => DB::raw('labour_minutes + 5')]);
        self::assertNotSame($before, $changed = $labour(), 'not held still');
        $house->holdStill();
        self::assertSame($changed, $labour());
        OperationStandard::query()->toBase()->update(['labour_minutes' => DB::raw('labour_minutes + 5')]);
        self::assertSame($changed, $labour(), 'held still');
        $house->forget();
        self::assertNotSame($changed, $labour(), 'and forgotten');
    }

    public function test_what_is_kept_is_made_once_for_the_same_text_and_the_same_program(): void
    {
        $made = 0;
        $make = static function () use (&$made): string {
            return 'made '.++$made;
        };
        self::assertSame(['made 1', 'made 1'], [Kept::of('this', 'a text', $make), Kept::of('this', 'a text', $make)]);
        self::assertSame(['made 2', 'made 3'], [Kept::of('this', 'another text', $make), Kept::of('that', 'a text', $make)]);
        (new \ReflectionProperty(Kept::class, 'program'))->setValue(null, 'another program');
        try {
            self::assertSame('made 4', Kept::of('this', 'a text', $make));
        } finally {
            (new \ReflectionProperty(Kept::class, 'program'))->setValue(null, null);
        }
        self::assertSame(Kept::signed(), Kept::signed());
    }

    public function test_what_is_kept_in_files_goes_when_its_time_is_over(): void
    {
        $folder = sys_get_temp_dir().'/regimen-kept-'.bin2hex(random_bytes(4));
        config(['cache.default' => 'file', 'cache.stores.file.path' => $folder]);
        Cache::forgetDriver('file');
        Kept::of('this', 'a text', static fn (): string => 'stays');
        Cache::put('another', 'goes', 60);
        $files = static fn (): array => glob("{$folder}/*/*/*") ?: [];
        foreach ($files() as $file) {
            $text = (string) file_get_contents($file);
            str_contains($text, 'goes') && file_put_contents($file, (time() - 5).substr($text, 10));
        }
        self::assertCount(2, $files());
        $this->artisan('regimen:thin')->assertExitCode(0);
        self::assertCount(1, $files());
        self::assertSame('stays', Kept::of('this', 'a text', static fn (): string => 'made anew'));
        File::deleteDirectory($folder);
    }

    public function test_whoever_waits_for_their_turn_goes_on_as_soon_as_another_has_done_it(): void
    {
        $file = sys_get_temp_dir().'/regimen-turn-'.bin2hex(random_bytes(4));
        $work = static fn (): string => 'done here';
        self::assertSame('done here', OneAtATime::do($file, $work, static fn (): bool => true), 'nobody else is at it');
        $other = fopen($file, 'c') ?: throw new \RuntimeException($file);
        flock($other, LOCK_EX);
        $looks = 0;
        self::assertNull(OneAtATime::do($file, $work, static function () use (&$looks): bool {
            return ++$looks === 3;
        }));
        self::assertSame(3, $looks);
        self::assertSame('done here', OneAtATime::do($file, $work, static function () use ($other): bool {
            flock($other, LOCK_UN);

            return false;
        }), 'the other has given up its turn');
        fclose($other);
        unlink($file);
    }

    public function test_a_part_that_is_asked_for_alone_is_that_of_the_whole_page(): void
    {
        foreach (['/builds/1' => ['build/BuildSheet', 'chain'], '/builds/1/route' => ['route/Route', 'prices']] as $page => [$component, $part]) {
            $version = $this->actingAs($this->manager)->get($page)->assertOk()->inertiaPage()['version'];
            $ask = fn (string $props): array => (array) $this->actingAs($this->manager)->get($page, [
                'X-Inertia' => 'true', 'X-Inertia-Version' => (string) $version, 'X-Inertia-Partial-Component' => $component, 'X-Inertia-Partial-Data' => $props,
            ])->assertOk()->json('props');
            $alone = $ask($part);
            $among = $ask("{$part},build");
            self::assertNotEmpty($alone[$part]);
            self::assertSame($among[$part], $alone[$part]);
            self::assertArrayNotHasKey('build', $alone);
            self::assertArrayHasKey('build', $among);
        }
    }
}
