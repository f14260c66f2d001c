<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Bench\Photograph;
use App\Models\Build\Build;
use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\Setback\Setback;
use App\Planning\Specification\Revisions;
use App\Support\PhotographFiles;
use App\Support\Picture;
use Carbon\CarbonImmutable;
use GdImage;
use Regimen\Route\Standards\Stage;

/** Pictures of the demo shop’s instruments, drawn by the program: timber on a bench, seen from above. */
final class DemoPhotographs
{
    private const WIDE = 1_200;

    private const HIGH = 900;

    public function __construct(private readonly PhotographFiles $files)
    {
    }

    /** Three for each of some builds, the last of them for the client. */
    public function run(): void
    {
        foreach (Build::query()->with('specification')->orderByDesc('number')->limit(9)->get() as $build) {
            $done = $build->operations()->whereNotNull('labour_done_at')->whereIn('stage', [Stage::Neck->value, Stage::Fretboard->value, Stage::Body->value, Stage::Finish->value])
                ->orderBy('labour_done_at')->get();
            foreach ($done->isEmpty() ? [] : $done->nth(max(1, intdiv($done->count(), 3)))->take(3) as $number => $operation) {
                $this->keep($build, $operation, ucfirst($operation->name).'.', $operation->labour_done_at ?? $build->ordered_at, null, $number === 2);
            }
        }
    }

    public function keep(Build $build, Operation $operation, string $caption, CarbonImmutable $at, ?Setback $setback, bool $isForClient): void
    {
        $picture = Picture::drawn($this->drawn($build, $operation, $setback !== null));
        $person = $operation->person_id ?? 1;
        $photograph = Photograph::query()->create([
            'build_id' => $build->id, 'operation_id' => $operation->id, 'operation_key' => $operation->key, 'caption' => $caption,
            'width' => $picture->width, 'height' => $picture->height, 'person_id' => $person, 'at' => $at, 'sha256' => $this->files->keep($picture->large, $picture->small),
            'bytes' => strlen($picture->large), 'setback_id' => $setback?->id, 'for_client' => $isForClient,
        ]);
        LogEntry::query()->create(['build_id' => $build->id, 'person_id' => $person, 'at' => $at, 'kind' => 'photograph', 'text' => "Photograph {$photograph->id} at {$operation->name}: {$caption}"]);
    }

    private function drawn(Build $build, Operation $operation, bool $isWrong): string
    {
        $s = Revisions::read($build->specification)->orFail();
        $timber = match ($operation->stage) {
            Stage::Neck => $s->neck->neckTimber, Stage::Fretboard => $s->board->boardTimber, default => $s->bodywork->layers[0]->timber,
        };
        $image = imagecreatetruecolor(self::WIDE, self::HIGH);
        mt_srand($build->number * 97 + $operation->id);
        $this->grain($image, 0, 0, self::WIDE, self::HIGH, '#b08d62', 22);
        [$left, $top, $right, $bottom] = $operation->stage === Stage::Fretboard || $operation->stage === Stage::Neck ? [80, 330, 1120, 560] : [260, 130, 940, 770];
        imagefilledrectangle($image, $left + 14, $top + 18, $right + 14, $bottom + 18, (int) imagecolorallocate($image, 96, 74, 48));
        $this->grain($image, $left, $top, $right, $bottom, $timber->colour, 7);
        if ($operation->stage === Stage::Fretboard) {
            $this->slots($image, $s->board->frets, $left, $top, $right, $bottom, $isWrong ? 9 : null);
        }
        ob_start();
        imagejpeg($image, null, 88);

        return (string) ob_get_clean();
    }

    private function grain(GdImage $image, int $left, int $top, int $right, int $bottom, string $colour, int $every): void
    {
        [$red, $green, $blue] = array_map(hexdec(...), str_split(ltrim($colour, '#'), 2));
        imagefilledrectangle($image, $left, $top, $right, $bottom, (int) imagecolorallocate($image, self::byte($red), self::byte($green), self::byte($blue)));
        for ($y = $top; $y < $bottom; $y += mt_rand(2, $every)) {
            $shade = mt_rand(-16, 12);
            $line = (int) imagecolorallocate($image, self::byte($red + $shade), self::byte($green + $shade), self::byte($blue + $shade));
            imageline($image, $left, $y, $right, min($bottom, max($top, $y + mt_rand(-5, 5))), $line);
        }
    }

    private function slots(GdImage $image, int $frets, int $left, int $top, int $right, int $bottom, ?int $wrong): void
    {
        $slot = (int) imagecolorallocate($image, 24, 18, 14);
        $scale = ($right - $left) / (1 - 2 ** (-$frets / 12)) * 0.98;
        for ($fret = 1; $fret <= $frets; $fret++) {
            $x = (int) ($left + $scale * (1 - 2 ** (-$fret / 12)) + ($fret === $wrong ? 9 : 0));
            imagefilledrectangle($image, $x, $top, $x + 2, $bottom, $slot);
        }
    }

    /** @return int<0, 255> */
    private static function byte(float|int $value): int
    {
        return max(0, min(255, (int) $value));
    }
}
