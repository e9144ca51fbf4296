<?php

declare(strict_types=1);

namespace App\Watch;

use Illuminate\Contracts\Mail\Factory;
use Illuminate\Mail\Mailer;
use Symfony\Component\Mailer\Transport\Smtp\SmtpTransport;
use Throwable;

/** Whether letters leave this installation. */
final readonly class MailProbe
{
    public function __construct(private Factory $mail)
    {
    }

    /** They are written into the log and reach nobody. */
    public function isKeptInLog(): bool
    {
        return in_array(config('mail.default'), ['log', 'array'], true);
    }

    /** What the server for outgoing mail says where it takes none; null where it does, or where none is asked. */
    public function fault(): ?string
    {
        $mailer = $this->mail->mailer();
        $transport = $mailer instanceof Mailer ? $mailer->getSymfonyTransport() : null;
        if (! $transport instanceof SmtpTransport) {
            return null;
        }
        try {
            $transport->start();
            $transport->stop();

            return null;
        } catch (Throwable $e) {
            return $e->getMessage();
        }
    }
}
