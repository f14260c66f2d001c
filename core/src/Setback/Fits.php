<?php

declare(strict_types=1);

namespace Regimen\Setback;

use Regimen\Inspection\AsMeasured;
use Regimen\Inspection\Tolerances;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Units\Length;
use Regimen\Units\Words;

/**
 * Whether a piece that was made for one instrument fits another: scale, widths, joint, hand, thickness. Only what is cut
 * into it already counts; what is still to be made is made for the new place. Which properties count is common practice.
 */
final readonly class Fits
{
    /**
     * @param  ReadSpecification  $here  the instrument that needs it, as it is
     * @param  ReadSpecification  $there  the instrument that it was made for, as it is
     * @param  list<string>  $done  operations that are begun or done on the piece
     * @param  list<string>  $doneHere  operations that are begun or done on the instrument
     */
    public function __construct(
        private ReadSpecification $here,
        private ReadSpecification $there,
        private array $done,
        private array $doneHere,
        private Tolerances $tolerances,
    ) {
    }

    /** @param  list<PieceKind>  $kinds  what goes together */
    public function judge(array $kinds): Fitting
    {
        $lines = [];
        foreach ($kinds as $kind) {
            foreach ($this->rules($kind) as $rule) {
                $line = $this->isMade($rule) ? $this->line($rule) : null;
                if ($line !== null) {
                    $lines[$line->what] = $line;
                }
            }
        }
        $hasNeck = in_array(PieceKind::Neck, $kinds, true);
        if ($hasNeck !== in_array(PieceKind::Body, $kinds, true)) {
            $lines += $this->joint($hasNeck);
        }

        return new Fitting(array_values($lines));
    }

    /** @return list<FitRule> */
    private function rules(PieceKind $kind): array
    {
        return match ($kind) {
            PieceKind::Neck => self::neck(),
            PieceKind::Fretboard => self::fretboard(),
            PieceKind::Body => self::body(),
            PieceKind::Top => [
                FitRule::least('bodyWidth', 'width', 'sawn to the smaller outline'), FitRule::least('layers.0.thickness', 'thickness', 'planed thinner'),
                FitRule::seen('layers.0.timber'),
            ],
        };
    }

    /** @return list<FitRule> */
    private static function neck(): array
    {
        $outline = NeckOperation::Outline->value;
        $holes = HeadstockOperation::TunerHoles->value;
        $carve = NeckOperation::Carve->value;

        return [
            FitRule::near('scale', 'half-scale', $outline), FitRule::same('scaleTreble', $outline), FitRule::same('squareFret', $outline), FitRule::same('strings', $outline, $holes),
            FitRule::same('hand', $outline, $holes), FitRule::same('joint', $outline, JointOperation::Tenon->value), FitRule::same('joinFret', $outline),
            FitRule::near('nutWidth', 'width', $outline), FitRule::near('boardThickness', 'depth', FretboardOperation::Glue->value),
            FitRule::same('headstock', HeadstockOperation::Construct->value, $outline), FitRule::near('tunerHole', 'width', $holes),
            FitRule::least('thicknessFirst', 'thickness', 'carved further', $carve), FitRule::least('thicknessTwelfth', 'thickness', 'carved further', $carve),
            FitRule::near('rodLength', 'half-scale', NeckOperation::Channel->value), FitRule::seen('rodAccess', NeckOperation::Channel->value),
            FitRule::seen('neckTimber'), FitRule::seen('laminations', NeckOperation::Laminate->value), FitRule::seen('profile', $carve),
            FitRule::seen('headAngle', HeadstockOperation::Construct->value, HeadstockOperation::SawAngle->value), FitRule::seen('veneer', HeadstockOperation::Veneer->value),
        ];
    }

    /** @return list<FitRule> */
    private static function fretboard(): array
    {
        $slots = FretboardOperation::Slots->value;
        $taper = FretboardOperation::Taper->value;
        $glue = FretboardOperation::Glue->value;
        $radius = FretboardOperation::Radius->value;

        return [
            FitRule::near('scale', 'half-scale', $slots), FitRule::same('scaleTreble', $slots), FitRule::same('squareFret', $slots),
            FitRule::least('frets', 'half-scale', 'cut off behind the last fret', $slots), FitRule::same('strings', $taper),
            FitRule::near('nutWidth', 'width', $taper), FitRule::near('lastWidth', 'width', $taper),
            FitRule::least('boardThickness', 'depth', 'planed thinner', FretboardOperation::Thickness->value), FitRule::near('boardThickness', 'depth', $slots, $glue),
            FitRule::same('hand', FretboardOperation::SideMarkers->value), FitRule::near('radius', 'half-scale', $radius), FitRule::same('radiusEnd', $radius),
            FitRule::near('boardBinding', 'width', FretboardOperation::Binding->value), FitRule::same('zeroFret', $slots),
            FitRule::seen('boardTimber'), FitRule::seen('markers', FretboardOperation::Markers->value), FitRule::seen('markerFrets', FretboardOperation::Markers->value),
        ];
    }

    /** @return list<FitRule> */
    private static function body(): array
    {
        $outline = BodyOperation::Outline->value;
        $cavities = BodyOperation::Cavities->value;
        $bridge = JointOperation::Bridge->value;

        return [
            FitRule::same('body', BodyOperation::Chambers->value, BodyOperation::GlueLayers->value, $outline), FitRule::same('outline', $outline),
            FitRule::near('bodyWidth', 'width', $outline), FitRule::same('hand', $outline, $cavities, $bridge), FitRule::same('joint', $outline),
            FitRule::near('bodyThickness', 'depth', BodyOperation::Thickness->value, $outline), FitRule::same('joinFret', $outline, $bridge),
            FitRule::near('scale', 'half-scale', $bridge), FitRule::same('bridge', $bridge), FitRule::near('mountingSpan', 'width', $bridge), FitRule::same('stringPath', $bridge),
            FitRule::same('strings', $bridge), FitRule::same('pickups', $cavities), FitRule::same('cavities', $cavities),
            FitRule::near('bodyBinding', 'width', BodyOperation::Binding->value), FitRule::seen('layers'), FitRule::seen('contours', BodyOperation::Edges->value),
        ];
    }

    private function isMade(FitRule $rule): bool
    {
        return $rule->madeBy === [] || array_intersect($rule->madeBy, $this->done) !== [];
    }

    private function line(FitRule $rule): ?FitLine
    {
        $here = self::value($this->here, $rule->field);
        $there = self::value($this->there, $rule->field);
        if ($here === null && $there === null) {
            return null;
        }
        [$least, $most] = $rule->tolerance === '' ? [0.0, 0.0] : [-$this->tolerances->value($rule->tolerance), $this->tolerances->value($rule->tolerance)];
        $more = self::number($there) - self::number($here);

        return match (true) {
            $rule->kind === FitRule::SEEN, $rule->kind === FitRule::SAME => $here == $there ? null : $this->said($rule, $rule->kind === FitRule::SEEN),
            $more >= $least - 1e-9 && $more <= $most + 1e-9 => null,
            $rule->kind === FitRule::LEAST && $more > $most => $this->said($rule, true, $rule->otherwise),
            default => $this->said($rule, false),
        };
    }

    private function said(FitRule $rule, bool $fits, string $then = ''): FitLine
    {
        return new FitLine(AsMeasured::label($rule->field), $this->words($this->here, $rule->field), $this->words($this->there, $rule->field), $fits, $then);
    }

    private function words(ReadSpecification $read, string $path): string
    {
        return match ($path) {
            'layers', 'pickups', 'cavities' => implode(', ', array_map(
                static fn (mixed $row): string => match ($path) {
                    'layers' => $row->timber->name, 'pickups' => $row->kind->words(), default => $row->kind->words().' '.Words::number($row->depth->mm).' mm deep',
                }, (array) ($read->values[$path] ?? []),
            )),
            'bodyThickness' => Words::number(self::number(self::value($read, $path))).' mm',
            default => AsMeasured::drawn($path, $read) ?: 'none',
        };
    }

    private static function value(ReadSpecification $read, string $path): mixed
    {
        $parts = explode('.', $path);
        if ($path === 'bodyThickness') {
            return $read->specification?->bodyThickness();
        }
        $value = $read->values[$parts[0]] ?? null;
        if (count($parts) === 3) {
            $row = is_array($value) ? $value[(int) $parts[1]] ?? null : null;

            return is_object($row) ? $row->{$parts[2]} ?? null : null;
        }

        return is_array($value) && $path === 'pickups'
            ? array_map(static fn (object $row): array => [$row->kind ?? null, $row->depth ?? null], $value) : $value;
    }

    private static function number(mixed $value): float
    {
        return match (true) {
            $value instanceof Length => $value->mm,
            is_int($value), is_float($value) => (float) $value,
            default => 0.0,
        };
    }

    /**
     * Neck and body where they meet: each is held against the other as it is. A pocket that is not cut yet is cut to its neck.
     *
     * @return array<string, FitLine>
     */
    private function joint(bool $isNeck): array
    {
        [$neck, $body] = $isNeck ? [$this->there, $this->here] : [$this->here, $this->there];
        [$neckDone, $bodyDone] = $isNeck ? [$this->done, $this->doneHere] : [$this->doneHere, $this->done];
        $isCut = array_intersect([JointOperation::Pocket->value, JointOperation::Mortise->value], $bodyDone) !== [];
        if ($neck->specification === null || $body->specification === null || ! $isCut || ! in_array(NeckOperation::Outline->value, $neckDone, true)) {
            return [];
        }
        [$heel, $pocket] = [$neck->specification->joinery, $body->specification->joinery];
        $lines = [];
        $gap = ($pocket->pocketWidth->mm - $heel->heelWidth->mm) / 2;
        $most = $this->tolerances->value('pocket-gap');
        if ($gap < -1e-9 || $gap > $most + 1e-9) {
            $lines['heel in the pocket'] = new FitLine(
                'heel in the pocket', 'a gap of 0 to '.Words::number($most, 2).' mm each side', Words::number($heel->heelWidth->mm).' mm in '.Words::number($pocket->pocketWidth->mm).' mm', false, '',
            );
        }
        $over = ($heel->heelThickness->mm - $pocket->pocketDepth->mm) - ($body->specification->joinery->heelThickness->mm - $body->specification->joinery->pocketDepth->mm);
        if (abs($over) > $this->tolerances->value('depth') + 1e-9) {
            $lines['heel over the body'] = new FitLine(
                'heel over the body', Words::number($body->specification->joinery->heelThickness->mm - $pocket->pocketDepth->mm).' mm', Words::number($heel->heelThickness->mm - $pocket->pocketDepth->mm).' mm',
                false, '',
            );
        }

        return $lines;
    }
}
