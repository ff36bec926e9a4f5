<?php

declare(strict_types=1);

namespace App\Mail;

use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Email;

/** A stand-in for a mail server: what would be sent is laid in a folder, to be read on a page of the demo. */
final class LocalMailFolder extends AbstractTransport
{
    /** Older messages are thrown away. */
    private const KEPT = 20;

    public function __construct(private readonly string $folder)
    {
        parent::__construct();
    }

    /** @return list<array{to: string, subject: string, text: string, at: string}> the latest first */
    public function messages(): array
    {
        $messages = [];
        foreach (array_reverse(glob("$this->folder/*.json") ?: []) as $file) {
            $told = json_decode((string) file_get_contents($file), true);
            if (is_array($told)) {
                /** @var array{to: string, subject: string, text: string, at: string} $told */
                $messages[] = $told;
            }
        }

        return $messages;
    }

    public function __toString(): string
    {
        return 'outbox';
    }

    protected function doSend(SentMessage $message): void
    {
        $mail = $message->getOriginalMessage();
        assert($mail instanceof Email);
        if (!is_dir($this->folder)) {
            mkdir($this->folder, 0700, true);
        }
        $now = new \DateTimeImmutable('now', new \DateTimeZone('UTC'));
        file_put_contents(
            sprintf('%s/%s-%s.json', $this->folder, $now->format('YmdHisu'), bin2hex(random_bytes(4))),
            json_encode(
                [
                    'to' => $mail->getTo()[0]->getAddress(),
                    'subject' => (string) $mail->getSubject(),
                    'text' => (string) $mail->getTextBody(),
                    'at' => $now->format('Y-m-d\TH:i:s\Z'),
                ],
                JSON_THROW_ON_ERROR,
            ),
            LOCK_EX,
        );
        foreach (array_slice(array_reverse(glob("$this->folder/*.json") ?: []), self::KEPT) as $old) {
            unlink($old);
        }
    }
}
