<?php

declare(strict_types=1);

namespace App\Models\Client;

use App\Models\Build\Build;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A private address at which a client sees how far their instrument is; whoever knows it sees it, until it is revoked or the
 * instrument is handed over.
 *
 * @property string $token
 * @property CarbonImmutable $at
 * @property CarbonImmutable|null $revoked_at
 * @property Build $build
 */
class ClientPage extends ShopModel
{
    protected $casts = ['token' => 'encrypted', 'at' => 'immutable_datetime', 'revoked_at' => 'immutable_datetime'];

    /** The address, as long as the key it was kept with is the shop’s: a copy on another machine has another. */
    public function address(): ?string
    {
        try {
            return route('client.page', ['token' => $this->token]);
        } catch (DecryptException) {
            return null;
        }
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }
}
