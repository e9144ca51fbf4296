<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What a list shows, and in which order; what is not understood is taken as not asked. */
abstract class ListRequest extends FormRequest
{
    private const LONGEST = 120;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [];
    }

    /** @return non-empty-list<string> the orders there are, the usual one first */
    abstract protected function orders(): array;

    /** @return list<string> what narrows the list, as far as it is understood; empty where that is not asked */
    abstract protected function narrows(): array;

    public function asked(string $field): string
    {
        return mb_substr(trim($this->string($field)->toString()), 0, self::LONGEST);
    }

    public function order(): string
    {
        return $this->oneOf('sort', $this->orders()) ?? $this->orders()[0];
    }

    public function isNarrowed(): bool
    {
        return implode('', $this->narrows()) !== '';
    }

    /**
     * @param  list<string>  $values
     * @return string|null null where something else is asked, or nothing
     */
    protected function oneOf(string $field, array $values): ?string
    {
        return in_array($this->asked($field), $values, true) ? $this->asked($field) : null;
    }

    /** What is sought, anywhere in a name, as a pattern of the database. */
    protected function like(): string
    {
        return '%'.addcslashes($this->asked('q'), '%_\\').'%';
    }
}
