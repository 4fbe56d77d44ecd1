<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;

/** The link to come in, by mail where a mailer is set; otherwise it goes to the log. */
final class AskedIn extends Notification
{
    public function __construct(private readonly Entry $entry, private readonly string $link, private readonly string $shop, private readonly string $by, private readonly \DateTimeInterface $until) {}

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(): MailMessage
    {
        [$subject, $line] = $this->entry === Entry::Invitation
            ? ['You are asked into ' . $this->shop, $this->by . ' asks you into the shop ' . $this->shop . '.']
            : ['A new password for ' . $this->shop, $this->by . ' has made a link with which you set a new password.'];

        return (new MailMessage())->subject($subject)->line($line)->action('Come in', $this->link)->line('The link works once, until ' . $this->until->format('j F Y, H:i') . '.');
    }
}
