<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** A letter in plain text: what it says, and at most one link. It is sent beside the page that asked for it. */
final class Letter extends Mailable implements ShouldQueue
{
    /** The line by which programs know a signature. */
    private const FROM = "-- \nHonest Grain";

    public int $tries = 3;

    /** @var list<int> seconds to wait before the next try */
    public array $backoff = [30, 300];

    /** @param  list<string>  $paragraphs */
    public function __construct(
        private readonly string $about,
        private readonly array $paragraphs,
        private readonly ?string $link = null,
    ) {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: $this->about);
    }

    public function content(): Content
    {
        $parts = array_filter([...$this->paragraphs, $this->link], is_string(...));

        return new Content(text: 'letter', with: ['text' => implode("\n\n", [...$parts, self::FROM])]);
    }
}
