<?php

declare(strict_types=1);

namespace Regimen\Tests\Client;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Client\Alike;

/** Two entries of one person. Made-up people throughout. */
final class AlikeTest extends TestCase
{
    #[TestWith(['Ana Müller', 'Muller, Ana', true])]
    #[TestWith(['Clara Fennimore', 'Clara Fenimore', true])]
    #[TestWith(['Clara Fennimore', 'Klara Fennimore', true])]
    #[TestWith(['Clara Fennimore', 'Klara Fenimore', false])]
    #[TestWith(['Jo Li', 'Jo Lu', false])]
    #[TestWith(['Łucja Ødegård', 'lucja odegard', true])]
    public function test_names_are_nearly_alike_with_one_letter_or_accent_between_them(string $one, string $other, bool $is): void
    {
        $this->assertSame($is, Alike::isNearly($one, $other));
        $found = Alike::pairs([4 => ['name' => $other, 'email' => '', 'phone' => ''], 9 => ['name' => $one, 'email' => '', 'phone' => '']]);
        $this->assertSame($is ? [[4, 9, 'nearly the same name']] : [], $found);
    }

    public function test_the_same_mail_or_telephone_is_one_person_whatever_the_name(): void
    {
        $this->assertSame([[1, 2, 'the same mail'], [3, 4, 'the same telephone']], Alike::pairs([
            1 => ['name' => 'A. Quayle', 'email' => 'abel@example.org', 'phone' => ''],
            2 => ['name' => 'Abel Quayle', 'email' => ' Abel@Example.org', 'phone' => '12'],
            3 => ['name' => 'Bo', 'email' => '', 'phone' => '+49 (0)30 5550 1234'],
            4 => ['name' => 'Bodil Rask', 'email' => '', 'phone' => '030/55501234'],
            5 => ['name' => 'Cleo Wicken', 'email' => '', 'phone' => '12'],
        ]));
    }

    /** By two ways: the index against comparing each with each. */
    public function test_the_index_finds_what_comparing_each_with_each_finds(): void
    {
        mt_srand(7);
        $people = [];
        foreach (range(1, 300) as $number) {
            $name = '';
            for ($letter = 0; $letter < 7; $letter++) {
                $name .= 'ab'[mt_rand(0, 1)];
            }
            $people[$number] = ['name' => $name, 'email' => '', 'phone' => ''];
        }
        mt_srand();
        $found = [];
        foreach (Alike::pairs($people) as [$low, $high]) {
            $this->assertTrue(Alike::isNearly($people[$low]['name'], $people[$high]['name']));
            $found[$low] = $found[$high] = true;
        }
        foreach ($people as $number => $one) {
            $hasTwin = false;
            foreach ($people as $other => $two) {
                $hasTwin = $hasTwin || ($other !== $number && $one['name'] === $two['name']);
            }
            $hasTwin && $this->assertArrayHasKey($number, $found, "{$number} {$one['name']}");
        }
    }

    public function test_ten_thousand_people_are_looked_through_at_once(): void
    {
        $people = [];
        for ($number = 1; $number <= 10_000; $number++) {
            $people[$number] = ['name' => 'Person '.strrev((string) (100_000 + $number)).' '.md5((string) $number), 'email' => "p{$number}@example.org", 'phone' => ''];
        }
        $people[10_001] = ['name' => 'Somebody else', 'email' => 'P77@example.org', 'phone' => ''];
        $this->assertSame([[77, 10_001, 'the same mail']], Alike::pairs($people));
    }
}
