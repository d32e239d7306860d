<?php

declare(strict_types=1);

namespace Rinkel\App\Orders;

use Rinkel\App\Kept\Rows;
use Rinkel\App\Platform\LooseData;
use Rinkel\Core\Failure;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;

/**
 * What a customer answered by their link: a note, and for each thing its size and colours where they chose any.
 *
 * @phpstan-type Choices array<string, string>
 */
final readonly class CustomerAnswer
{
    public const NOTE = 1000;

    private const MOST = 500;

    /**
     * @param array<string, Choices> $things by the uid of the making: girth, colour.<cord>
     */
    private function __construct(
        public string $note,
        public array $things,
        public \DateTimeImmutable $at,
        public bool $isUsed,
        public bool $isNoted,
    ) {}

    /**
     * @param array<string, Choices> $things
     *
     * @throws PieceUnreadable If anything of it cannot be read
     */
    public static function given(string $note, array $things, \DateTimeImmutable $at): self
    {
        return self::read(['note' => $note, 'things' => $things, 'at' => $at->format(\DATE_ATOM)]);
    }

    /**
     * @param array<mixed> $row as it is kept (docs/kept.schema.json)
     *
     * @throws PieceUnreadable If anything of it cannot be read, at its field
     */
    public static function read(array $row): self
    {
        $things = [];
        foreach (\array_slice(LooseData::of($row)->array('things'), 0, self::MOST, true) as $uid => $choices) {
            if (1 !== preg_match('/^[0-9a-f]{32}$/D', (string) $uid) || !\is_array($choices)) {
                throw PieceUnreadable::at('answer', new Message('no-piece'));
            }
            foreach ($choices as $field => $text) {
                $things[(string) $uid][(string) $field] = self::choice((string) $field, $text);
            }
        }

        return new self(
            trim(Rows::text($row, 'note', self::NOTE)),
            $things,
            Rows::time($row, 'at'),
            true === ($row['used'] ?? false),
            true === ($row['noted'] ?? false),
        );
    }

    /**
     * Returns it as its maker is done with it: with its choices taken over, or just read.
     */
    public function done(bool $isUsed): self
    {
        return new self($this->note, $this->things, $this->at, $isUsed || $this->isUsed, true);
    }

    /**
     * @return array{at: string, note?: string, things?: array<string, Choices>, used?: true, noted?: true}
     */
    public function row(): array
    {
        return ['at' => $this->at->format(\DATE_ATOM)]
            + ('' === $this->note ? [] : ['note' => $this->note])
            + ([] === $this->things ? [] : ['things' => $this->things])
            + ($this->isUsed ? ['used' => true] : [])
            + ($this->isNoted ? ['noted' => true] : []);
    }

    private static function choice(string $field, mixed $text): string
    {
        $text = trim(\is_string($text) ? $text : '');
        try {
            if ('girth' === $field) {
                Length::parse($text, Unit::Millimetre);
            } elseif (1 === preg_match('/^colour\.[a-z][a-z0-9-]{0,39}$/D', $field)) {
                $text = Colour::parse($text)->hex;
            } else {
                throw PieceUnreadable::at('answer', new Message('no-piece'));
            }
        } catch (Failure $failure) {
            throw $failure instanceof PieceUnreadable ? $failure : PieceUnreadable::at('answer', $failure->said());
        }

        return $text;
    }
}
