<?php

declare(strict_types=1);

namespace App\View;

use App\Models\SignIn;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;

/** How somebody signs in, and where they are signed in. */
final readonly class AccountPage
{
    private const LETTERS_TOGETHER = 4;

    /** Parts of what a browser calls itself, and what it is then called here. */
    private const AGENTS = [
        'Firefox/' => 'Firefox', 'Edg/' => 'Edge', 'Chrome/' => 'Chrome', 'Safari/' => 'Safari',
    ];

    private const SYSTEMS = [
        'Android' => 'Android', 'iPhone' => 'iPhone', 'iPad' => 'iPad', 'Windows' => 'Windows', 'Mac OS' => 'Mac',
        'Linux' => 'Linux',
    ];

    /** @var Collection<int, SignIn> */
    public Collection $signIns;

    /**
     * @param  int|null  $current  the browser that asks
     * @param  string  $secretAddress  what an app reads from the square
     */
    public function __construct(
        public User $user,
        private ?int $current,
        public string $secretAddress,
        private Show $show,
    ) {
        // Whoever tries the demo learns nothing of the others who do.
        $own = $user->workshop->is_demo ? $user->signIns()->whereKey($current ?? 0) : $user->signIns();
        $this->signIns = $own->limit(30)->get();
    }

    public function isCurrent(SignIn $signIn): bool
    {
        return $signIn->id === $this->current;
    }

    /** "Firefox, Linux" */
    public function browser(SignIn $signIn): string
    {
        $of = fn (array $names): ?string => array_values(array_filter(
            $names, fn (string $part): bool => str_contains($signIn->agent, $part), ARRAY_FILTER_USE_KEY,
        ))[0] ?? null;
        $found = array_filter([$of(self::AGENTS), $of(self::SYSTEMS)]);

        return $found === [] ? say('view.account-page.unknown') : implode(', ', $found);
    }

    /** "from 127.0.0.1, since Tue 1 Dec 09:10, last seen 10:42" */
    public function since(SignIn $signIn): string
    {
        return say('view.account-page.since', [
            'address' => $signIn->address, 'began' => $this->show->dayTime($signIn->began_at),
            'seen' => $this->show->dayTime($signIn->seen_at),
        ]);
    }

    /** Whether a first code is waited for. */
    public function isBegun(): bool
    {
        return $this->user->second_secret !== null && ! $this->user->hasSecondStep();
    }

    /** The secret in fours, to be typed. */
    public function secret(): string
    {
        return implode(' ', str_split((string) $this->user->second_secret, self::LETTERS_TOGETHER));
    }

    public function hasSecond(): string
    {
        return say('view.account-page.second-on', [
            'day' => $this->show->day($this->user->second_since ?? now()),
            'count' => count($this->user->recovery_codes),
        ]);
    }
}
