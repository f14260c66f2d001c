<?php

declare(strict_types=1);

namespace Tests\Feature\House;

use Tests\TestCase;

/** What is said on a first visit belongs to pages that there are, and is three sentences. */
final class FirstVisitsTest extends TestCase
{
    public function test_each_of_them_is_for_a_page_and_has_three_sentences(): void
    {
        $source = (string) file_get_contents(resource_path('js/components/first/sentences.ts'));
        preg_match_all("#^    '([a-z]+/[A-Za-z]+)': \\[\n(.*?)^    \\],#ms", $source, $found, PREG_SET_ORDER);
        $this->assertGreaterThan(25, count($found));
        foreach ($found as [, $component, $sentences]) {
            $this->assertFileExists(resource_path("js/pages/{$component}.svelte"));
            $this->assertSame(3, preg_match_all("#^        '.+\\.',\$#m", $sentences), $component);
        }
    }
}
