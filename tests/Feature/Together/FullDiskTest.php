<?php

declare(strict_types=1);

namespace Tests\Feature\Together;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** A disk that is full at any write is said, nothing is half there, and with room again the same works. */
final class FullDiskTest extends TestCase
{
    use Processes;
    use ShopWithEverything;

    private const EVERY = 9;

    /** Pages that are left for what is written. */
    private const ROOM = [0, 1, 4];

    public function test_where_the_database_has_no_room_it_is_said_and_nothing_is_half_there(): void
    {
        $wrong = [];
        $refused = 0;
        $at = 0;
        foreach (WholeRequests::all() as $key => $request) {
            if (! $request->writes || $request->fails !== '' || (getenv('REGIMEN_LONG') !== '1' && $at++ % self::EVERY !== 0)) {
                continue;
            }
            $one = [[explode(' ', $key)[0], $request]];
            $whole = $this->copy();
            $this->inTurn($whole, $one);
            foreach (self::ROOM as $room) {
                $file = $this->copy();
                $answer = $this->inTurn($file, $one, static fn () => DB::statement('PRAGMA max_page_count = '.(DB::scalar('PRAGMA page_count') + $room)))[0];
                $refused += str_contains($answer['said'], 'disk is full') ? 1 : 0;
                $records = self::records($file);
                $isSaid = str_contains($answer['said'], 'The disk is full');
                $isThere = $records === self::records($whole);
                foreach ([
                    "{$answer['status']} {$answer['said']}" => $answer['status'] >= 500 && $answer['status'] !== 503,
                    'it is not said' => ! $isSaid && ! $isThere,
                    'half of it is there' => ! $isThere && $records !== self::records($this->template()),
                    implode(' ', self::damages($file)) => self::damages($file) !== [],
                    'with room it does not work' => ! $isThere && (fn (array $again): bool => $again['said'] !== '')($this->inTurn($file, $one)[0]),
                ] as $fault => $is) {
                    $is && $wrong[] = "{$key}, {$room} pages left: {$fault}";
                }
            }
        }
        self::assertSame([], $wrong, implode("\n", $wrong));
        self::assertGreaterThan(5, $refused, 'there was no room');
    }

    public function test_on_a_small_disk_that_fills_up_everything_stays_whole(): void
    {
        $disk = "{$this->folder}/disk";
        mkdir($disk);
        $size = (int) filesize($this->template()) + 600_000;
        if ((new Process(['mount', '-t', 'tmpfs', '-o', "size={$size}", 'none', $disk]))->run() !== 0) {
            $this->markTestSkipped('No small disk can be mounted here.');
        }
        try {
            $file = "{$disk}/shop.sqlite";
            copy($this->template(), $file);
            $read = ['POST', new Whole('/climate', ['temperature' => '19', 'humidity' => '44'])];
            $copy = ['POST', new Whole('/house/health/copy', [])];
            // What fills it up, but for the room that reading takes.
            file_put_contents("{$disk}/other", str_repeat('x', max(0, (int) disk_free_space($disk) - 45_056)));
            $answers = $this->inTurn($file, [$read, $copy, $read]);
            foreach ($answers as $answer) {
                self::assertTrue($answer['status'] < 500 || $answer['status'] === 503, "{$answer['status']} {$answer['said']}");
                self::assertMatchesRegularExpression('/disk (is full|could not be read or written)|No copy was made/', $answer['said']);
            }
            unlink("{$disk}/other");
            self::assertSame([], self::damages($file));
            self::assertSame('', $this->inTurn($file, [$read])[0]['said']);
        } finally {
            (new Process(['umount', $disk]))->run();
            File::deleteDirectory($disk);
        }
    }
}
