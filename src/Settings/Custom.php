<?php

declare(strict_types=1);

namespace Rinkel\App\Settings;

use Rinkel\Core\Lesson\CourseRecord;
use Rinkel\Core\Message;
use Rinkel\Core\Quoted;

/**
 * What a maker can set that belongs to no piece: how Rinkel speaks, shows and reckons for them.
 */
enum Custom: string
{
    case Language = 'language';
    case Hand = 'hand';
    case Safety = 'safety';
    case Rate = 'rate';
    case Factor = 'factor';
    case Currency = 'currency';
    case Bench = 'bench';
    case Packing = 'packing';
    case Fee = 'fee';
    case Tax = 'tax';
    case Steps = 'steps';
    case Lowest = 'lowest';

    /** How far somebody has come in the course. */
    case Course = 'course';

    /** Languages that Rinkel speaks wholly; English as in the United Kingdom, and as in the United States. */
    public const LANGUAGES = ['en', 'en_US', 'nl', 'de'];

    /** ISO 4217 codes to choose from. */
    public const CURRENCIES = ['EUR', 'GBP', 'USD', 'CHF', 'SEK', 'NOK', 'DKK', 'PLN', 'CZK', 'CAD', 'AUD', 'NZD'];

    /**
     * Returns whether it is the same for everybody in a workshop: what things cost, and what there is.
     */
    public function isCommon(): bool
    {
        return !\in_array($this, [self::Language, self::Hand, self::Safety, self::Course], true);
    }

    /**
     * Returns whether it is chosen under Settings: else it is kept elsewhere, and what is sent there leaves it alone.
     */
    public function isChosen(): bool
    {
        return self::Course !== $this;
    }

    /**
     * @return list<string> what can be chosen, the usual first; none where it is a number
     */
    public function choices(): array
    {
        return match ($this) {
            self::Language => self::LANGUAGES,
            self::Hand => ['right', 'left'],
            self::Safety => ['whole', 'short'],
            self::Currency => self::CURRENCIES,
            default => [],
        };
    }

    /**
     * Returns $text as it is kept, or what is wrong with it.
     */
    public function read(string $text): string|Message
    {
        $choices = $this->choices();
        if (self::Course === $this) {
            $record = CourseRecord::read($text);

            return $record instanceof Message ? $record : $record->written();
        }
        if ([] !== $choices) {
            return \in_array($text, $choices, true)
                ? $text
                : new Message('one-of', ['known' => $choices, 'found' => new Quoted($text)]);
        }
        $number = str_replace(',', '.', $text);
        [$least, $most] = $this->range();
        $isNumber = 1 === preg_match('/^\d{1,4}(?:\.\d{1,2})?$/D', $number);

        return match (true) {
            $isNumber && (float) $number >= $least && (float) $number <= $most => $number,
            self::Rate === $this => new Message('rate-unread', ['typed' => new Quoted($text)]),
            self::Factor === $this => new Message('factor-unread', ['typed' => new Quoted($text)]),
            default => new Message('number-wanted', [
                'least' => (int) $least, 'most' => (int) $most, 'found' => new Quoted($text),
            ]),
        };
    }

    /**
     * @return array{float, float} least and most, where it is a number
     */
    private function range(): array
    {
        return match ($this) {
            self::Rate, self::Packing, self::Lowest => [0.0, 1000.0],
            self::Bench => [10.0, 1000.0],
            self::Fee, self::Tax => [0.0, 50.0],
            self::Steps => [0.0, 100.0],
            default => [1.0, 10.0],
        };
    }
}
