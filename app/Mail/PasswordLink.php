<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\Language;
use App\Words\Text;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** The link by which somebody chooses a new password. */
final class PasswordLink extends Mailable
{
    public function __construct(public readonly string $name, public readonly string $link, Language $language)
    {
        $this->locale($language->value);
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: Text::of('screen.people.mail-subject'));
    }

    public function content(): Content
    {
        return new Content(text: 'people.mail');
    }
}
