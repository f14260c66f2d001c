<?php

declare(strict_types=1);

namespace Regimen\Tests\Revision;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Reading\SpecificationFields;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Revision\MadeAlready;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\CoatOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;

/** What is in the wood cannot be wished otherwise (common practice). */
final class MadeAlreadyTest extends TestCase
{
    /** @param  array<string, mixed>  $more */
    private static function read(array $more = []): ReadSpecification
    {
        return SpecificationReader::read(['type' => 'guitar', 'strings' => '6', 'frets' => '22', 'joint' => 'bolt-on', 'body' => 'solid', 'finish' => 'wiping-oil', ...$more]);
    }

    #[TestWith(['scale', '24 3/4"', FretboardOperation::Slots, 'a new fretboard'])]
    #[TestWith(['nutWidth', '44', FretboardOperation::Taper, 'a new fretboard'])]
    #[TestWith(['thicknessFirst', '22', NeckOperation::Carve, 'a new neck'])]
    #[TestWith(['profile', 'V', NeckOperation::Carve, 'a new neck'])]
    #[TestWith(['joint', 'set', JointOperation::Pocket, 'a new body'])]
    #[TestWith(['contours', 'none', BodyOperation::Edges, 'rounding further, not less'])]
    #[TestWith(['finish', 'nitrocellulose', CoatOperation::WipingOil, 'taking the finish off again'])]
    public function test_a_change_is_possible_until_what_makes_it_final_has_begun(string $field, string $to, \BackedEnum $operation, string $possible): void
    {
        $after = self::read([$field => $to]);
        $this->assertSame([], $after->problems);
        $this->assertSame([], MadeAlready::between(self::read(), $after, []));
        $made = MadeAlready::between(self::read(), $after, [(string) $operation->value => 'that']);
        $label = SpecificationFields::all()[$field]->label;
        $own = array_values(array_filter($made, static fn (MadeAlready $one): bool => $one->label === $label));
        $this->assertCount(1, $own);
        $this->assertStringStartsWith($possible, $own[0]->possible);
        $this->assertStringContainsString("“that” has begun. Possible is {$possible}", $own[0]->sentence());
    }

    public function test_what_is_not_in_the_wood_can_always_be_wished_otherwise(): void
    {
        $begun = [];
        foreach ([...NeckOperation::cases(), ...FretboardOperation::cases(), ...BodyOperation::cases(), ...JointOperation::cases(), ...CoatOperation::cases()] as $one) {
            $begun[$one->value] = $one->value;
        }
        $this->assertSame([], MadeAlready::between(self::read(), self::read(['wishes' => 'light', 'relief' => '0.3']), $begun));
        $this->assertSame([], MadeAlready::between(self::read(), self::read(), $begun));
    }
}
