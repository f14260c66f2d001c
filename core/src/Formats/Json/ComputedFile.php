<?php

declare(strict_types=1);

namespace Regimen\Formats\Json;

use Regimen\Figures\Figure;
use Regimen\Figures\FigureBook;
use Regimen\Figures\Workings;
use Regimen\Findings\Checks\RuleBook;
use Regimen\Findings\Finding;
use Regimen\Findings\Fix;

/** Every figure and every finding of a specification as JSON, for scripts and for checking from outside. */
final class ComputedFile
{
    public static function write(Workings $workings): string
    {
        return json_encode([
            'instrument' => $workings->specification->inOneLine(),
            'leftAside' => (object) $workings->read->leftAside(),
            'figures' => array_map(static fn (Figure $figure): array => [
                'key' => $figure->key, 'name' => $figure->name, 'value' => round($figure->value, 6),
                'unit' => $figure->unit,
                'number' => $figure->number, 'formula' => $figure->formula, 'source' => $figure->source(),
            ], FigureBook::figures($workings)),
            'findings' => array_map(static fn (Finding $finding): array => [
                'key' => $finding->key, 'severity' => $finding->severity->value, 'title' => $finding->title,
                'figures' => $finding->figures,
                'because' => $finding->because, 'source' => $finding->source, 'fields' => $finding->fields,
                'mends' => array_map(
                    static fn (Fix $fix): array => ['words' => $fix->words, 'changes' => $fix->changes],
                    $finding->fixes,
                ),
                'unmended' => $finding->unfixed,
            ], RuleBook::judge($workings)),
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }
}
