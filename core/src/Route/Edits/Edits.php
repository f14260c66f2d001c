<?php

declare(strict_types=1);

namespace Regimen\Route\Edits;

use Regimen\Route\Route;
use Regimen\Route\Standards\Piece;
use Regimen\Route\Standards\Skill;
use Regimen\Route\Standards\Stage;
use Regimen\Units\Duration;

/** Reads changes as they are kept, and makes them one after the other. */
final class Edits
{
    /**
     * @param  array<string, mixed>  $kept
     *
     * @throws ImpossibleEdit for what cannot be read
     */
    public static function read(array $kept): Edit
    {
        $text = static fn (string $key): string => is_string($kept[$key] ?? null)
            ? $kept[$key]
            : throw ImpossibleEdit::because("The change lacks its “{$key}”.");
        $maybe = static fn (string $key): ?string => is_string($kept[$key] ?? null) && $kept[$key] !== ''
            ? $kept[$key]
            : null;
        $time = static fn (string $key): ?Duration => is_int($kept[$key] ?? null) && $kept[$key] >= 0
            ? Duration::ofMinutes($kept[$key])
            : null;
        $list = static fn (string $key): array => array_values(
            array_filter(is_array($kept[$key] ?? null) ? $kept[$key] : [], is_string(...)),
        );

        return match ($kept['kind'] ?? null) {
            'add' => new AddOperation(
                $text('key'), $text('name'), Stage::from($text('stage')), array_map(Piece::from(...), $list('pieces')),
                $time('set_up') ?? Duration::zero(), $time('labour') ?? Duration::zero(),
                $time('hold') ?? Duration::zero(), Skill::from($text('skill')),
                $maybe('station'), $maybe('fixture'), $list('after'), $list('before'),
            ),
            'drop' => new DropOperation($text('key')),
            'split' => new SplitOperation($text('key'), $time('first') ?? Duration::zero()),
            'times' => new ChangeTimes($text('key'), $time('set_up'), $time('labour'), $time('hold')),
            'link' => new AddLink($text('before'), $text('after'), $maybe('reason') ?? ''),
            'unlink' => new RemoveLink($text('before'), $text('after')),
            'send-out' => new SendOut($text('key'), $text('to'), $time('away') ?? Duration::zero(), $list('also')),
            'move' => new MoveBefore($text('key'), $text('target')),
            default => throw ImpossibleEdit::because('There is no such change.'),
        };
    }

    /**
     * Makes the changes that still can be made; the others are handed back with why not.
     *
     * @param  array<int, array<string, mixed>>  $kept  by their number
     */
    public static function apply(Route $derived, array $kept): EditedRoute
    {
        $bench = new Workbench($derived);
        $words = $left = [];
        foreach ($kept as $number => $one) {
            try {
                $edit = self::read($one);
                $said = $edit->words($bench);
                $tried = clone $bench;
                $edit->apply($tried);
                $tried->mustHaveAnOrder();
                $bench = $tried;
                $words[$number] = $said;
            } catch (ImpossibleEdit $impossible) {
                $left[$number] = $impossible->getMessage();
            }
        }

        return new EditedRoute($derived, $bench->route(), $words, $left);
    }
}
