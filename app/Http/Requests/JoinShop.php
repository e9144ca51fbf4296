<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Invitation;
use Illuminate\Foundation\Http\FormRequest;

/** Somebody who was invited: their name and their password. */
class JoinShop extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'password' => ['required', 'string', 'confirmed', new FitPassword([
                $this->string('name')->toString(), (string) $this->invitation()?->email,
                (string) $this->invitation()?->workshop->name,
            ])],
        ];
    }

    /** The one that the link is of; null where it counts no more. */
    public function invitation(): ?Invitation
    {
        return Invitation::of((string) $this->route('token'));
    }
}
