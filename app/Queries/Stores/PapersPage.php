<?php

declare(strict_types=1);

namespace App\Queries\Stores;

use App\Models\Build\Build;
use App\Models\Stores\Blank;
use App\Models\Stores\Board;
use App\Pages\Stores\PapersBoard;
use App\Pages\Stores\PapersBuild;
use App\Pages\Stores\PapersProps;
use App\Planning\Specification\Revisions;
use App\Support\Kept;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Timber\Species;

/** What needs papers to cross a border, and which are on file; what they are good for an authority decides. */
final readonly class PapersPage
{
    /** Instruments, the latest first. */
    private const SHOWN = 400;

    public function data(): PapersProps
    {
        $protected = array_values(array_filter(Species::names(), static fn (string $one): bool => Species::named($one)->protected));
        $boards = Board::query()->there()->whereIn('species', $protected)->orderBy('species')->orderBy('id')->limit(self::SHOWN)->get();
        $builds = $this->builds($protected);
        $without = $boards->where('papers', '')->count() + count(array_filter($builds, static fn (PapersBuild $one): bool => $one->papers === ''));

        return new PapersProps(
            headline: $boards->isEmpty() && $builds === [] ? 'Nothing protected is in stock or in an instrument'
                : ($without === 0 ? 'Everything protected has a paper on file' : Say::count($without, 'board or instrument has', 'boards and instruments have').' no paper on file'),
            boards: array_values($boards->map(static fn (Board $one): PapersBoard => new PapersBoard($one->id, "{$one->species}, ".BoardWords::size($one), $one->origin, $one->papers))->all()),
            builds: $builds,
        );
    }

    /**
     * @param  list<string>  $protected
     * @return list<PapersBuild>
     */
    private function builds(array $protected): array
    {
        $blanks = Blank::query()->inBuild()->with('board')->whereHas('board', static fn ($board) => $board->whereIn('species', $protected))->get()->groupBy('build_id');
        $lines = [];
        foreach (Build::query()->with('specification')->orderByDesc('number')->limit(self::SHOWN)->get() as $build) {
            $what = self::protectedIn($build);
            if ($what !== []) {
                $lines[] = new PapersBuild($build->number, $build->title, $build->version, implode(', ', $what), self::lots($blanks->get($build->id) ?? new Collection), $build->papers);
            }
        }

        return $lines;
    }

    /** @return list<string> */
    private static function protectedIn(Build $build): array
    {
        return Kept::of('protected', $build->specification->text(), static function () use ($build): array {
            $specification = Revisions::read($build->specification)->specification;
            $names = array_map(static fn (Species $one): string => $one->name, array_filter($specification?->timbers() ?? [], static fn (Species $one): bool => $one->protected));

            return array_values($specification?->hasShell() === true ? [...$names, 'shell of the markers'] : $names);
        });
    }

    /**
     * @param  Collection<int, Blank>  $blanks
     * @return list<string>
     */
    private static function lots(Collection $blanks): array
    {
        return array_values($blanks->map(static fn (Blank $one): string => ucfirst($one->kind())." from board {$one->board_id}, {$one->board->species}: ".($one->board->papers === '' ? 'no paper on file' : $one->board->papers))->all());
    }
}
