<?php

declare(strict_types=1);

namespace Tests\Feature\House;

use App\Console\Words;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Every text of the interface in one reading, and none of it that nobody would say at the bench. */
final class WordsOfPagesTest extends TestCase
{
    /** Passive puzzles and euphemisms that have been written before. */
    private const NEVER = [
        'is waited for', 'was told so', 'is not to be had', 'could really be', 'do not go together', 'Bring one in', 'Settle that',
        'Give it up', 'it begins in a moment', 'find fault with', 'Take somebody in',
    ];

    public function test_all_texts_are_printed_by_page_and_none_is_a_puzzle(): void
    {
        Artisan::call('regimen:words');
        $words = Artisan::output();
        foreach (['# today/Today', 'Earliest realistic finish', 'Under way.', 'High string tension', 'E-mail address or password is wrong.'] as $text) {
            $this->assertStringContainsString($text, $words);
        }
        foreach (self::NEVER as $text) {
            $this->assertStringNotContainsStringIgnoringCase($text, $words);
        }
    }

    /** @param  list<string>  $texts */
    #[TestWith(['<?php $a = "Follows {$that}, which ends {$when}."; $b = \'no\'; $c = "one_key {$x} two";', ['Follows …, which ends ….']])]
    #[TestWith(["<?php \$a = 'It isn\\'t there.'; \$b = 'select a from b where c'; \$c = 'data-key';", ["It isn't there."]])]
    public function test_sentences_are_told_from_code(string $code, array $texts): void
    {
        $this->assertSame($texts, Words::texts($code));
    }
}
