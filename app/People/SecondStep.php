<?php

declare(strict_types=1);

namespace App\People;

use App\Models\User;
use Illuminate\Support\Facades\DB;

/** The second step of signing in: a code from an app, or one of the codes on paper, each of which counts once. */
final readonly class SecondStep
{
    private const RECOVERY_CODES = 10;

    /** Ten letters of thirty-two are fifty bits. */
    private const RECOVERY_LETTERS = 10;

    /** None that is taken for another. */
    private const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';

    /** Makes the secret that a first code is to confirm; one that was begun before is given up. */
    public function begin(User $user): void
    {
        $user->forceFill([
            'second_secret' => Totp::secret(), 'second_since' => null, 'second_counter' => null, 'recovery_codes' => [],
        ])->save();
    }

    /** @return list<string>|null the codes on paper, shown this once; null where the code is another */
    public function confirm(User $user, string $code): ?array
    {
        return DB::transaction(function () use ($user, $code): ?array {
            $locked = $this->locked($user);
            if ($locked->second_since !== null || ! $this->takes($locked, $code)) {
                return null;
            }
            $locked->forceFill(['second_since' => now()])->save();

            return $this->renew($locked);
        });
    }

    /** Whether a code counts now; it then counts no more. */
    public function passes(User $user, string $typed): bool
    {
        return $this->passesBy($user, $typed) !== null;
    }

    /** By what: true for the app, false for a code on paper, null for neither. */
    public function passesBy(User $user, string $typed): ?bool
    {
        $code = mb_strtolower((string) preg_replace('/[^\p{L}\p{N}]+/u', '', $typed));

        return DB::transaction(function () use ($user, $code): ?bool {
            $locked = $this->locked($user);
            if ($this->takes($locked, $code)) {
                return true;
            }
            $left = array_values(array_filter(
                $locked->recovery_codes, fn (string $one): bool => ! hash_equals($one, self::fingerprint($code)),
            ));
            if (count($left) === count($locked->recovery_codes)) {
                return null;
            }
            $locked->forceFill(['recovery_codes' => $left])->save();

            return false;
        });
    }

    /** @return list<string> new codes on paper; those before count no more */
    public function renew(User $user): array
    {
        $codes = array_map(fn (): string => self::letters(), range(1, self::RECOVERY_CODES));
        $user->forceFill(['recovery_codes' => array_map(self::fingerprint(...), $codes)])->save();

        return array_map(fn (string $code): string => implode('-', str_split($code, 5)), $codes);
    }

    public function end(User $user): void
    {
        $user->forceFill([
            'second_secret' => null, 'second_since' => null, 'second_counter' => null, 'recovery_codes' => [],
        ])->save();
    }

    private function takes(User $user, string $code): bool
    {
        $counter = $user->second_secret === null ? null
            : Totp::counterOf($user->second_secret, $code, (int) now()->getTimestamp(), $user->second_counter);
        if ($counter === null) {
            return false;
        }
        $user->forceFill(['second_counter' => $counter])->save();

        return true;
    }

    private function locked(User $user): User
    {
        return User::query()->whereKey($user->id)->lockForUpdate()->firstOrFail();
    }

    private static function letters(): string
    {
        $code = '';
        for ($i = 0; $i < self::RECOVERY_LETTERS; $i++) {
            $code .= self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)];
        }

        return $code;
    }

    private static function fingerprint(string $code): string
    {
        return hash('sha256', $code);
    }
}
