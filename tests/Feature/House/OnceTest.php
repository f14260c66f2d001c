<?php

declare(strict_types=1);

namespace Tests\Feature\House;

use App\Models\Build\Build;
use Illuminate\Support\Str;
use Tests\TestCase;

/** A button that was pressed twice. */
final class OnceTest extends TestCase
{
    public function test_what_is_sent_twice_is_done_once_and_said(): void
    {
        $this->openShop();
        $this->actingAs($this->manager);
        $word = (string) Str::uuid();
        $form = [
            'purpose' => 'commission', 'client' => 'Clara Fennimore', 'price' => '4800', 'promised_on' => '31 Aug',
            'specification' => self::SPECIFICATION,
        ];
        $this->post('/commissions', $form, ['X-Once' => $word])->assertRedirect('/builds/1');
        $this->from('/commissions/new')->post('/commissions', $form, ['X-Once' => $word])
            ->assertRedirect('/commissions/new')
            ->assertSessionHas('done', 'That was sent twice. It is done once.');
        $this->assertSame(1, Build::query()->count());
        $this->post('/commissions', $form, ['X-Once' => (string) Str::uuid()])->assertRedirect('/builds/2');
        $this->post('/commissions', $form, ['X-Once' => 'anything else'])->assertRedirect('/builds/3');
    }
}
