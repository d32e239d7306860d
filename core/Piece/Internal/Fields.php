<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece\Internal;

use Rinkel\Core\Failure;
use Rinkel\Core\Fit\Measurement;
use Rinkel\Core\Measure\Exception\LengthOutOfRange;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Exception\PatternUnreadable;
use Rinkel\Core\Pattern\Place;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Quoted;

/**
 * The fields of a decoded document, read one by one by their dotted path; what is wrong is collected, never thrown.
 *
 * A field that is absent, null or blank has its default. A reading with a fault returns null.
 */
final class Fields
{
    public const MOST_ENTRIES = 60;
    public const MOST_NAMES = 40;

    /** @var list<Fault> */
    private array $faults = [];

    /** @var array<string, array<array-key, true>> names that were asked for, by the path they stand under */
    private array $asked = [];

    /**
     * @param array<mixed> $document
     */
    public function __construct(private readonly array $document) {}

    /**
     * @return list<Fault>
     */
    public function faults(): array
    {
        return $this->faults;
    }

    public function mustBe(string $path, string|int $expected): void
    {
        if ($expected !== $this->at($path)) {
            $this->fault($path, new Message('must-be', ['expected' => (string) json_encode($expected), 'found' => $this->shown($path)]));
        }
    }

    public function mustBeVersion(string $path, int $current): void
    {
        $version = $this->at($path);
        if (\is_int($version) && $version > $current) {
            $this->fault(
                $path,
                new Message('version-newer', ['version' => $version, 'current' => $current]),
            );
        } elseif ($version !== $current) {
            $this->fault(
                $path,
                new Message('version-unread', ['current' => $current, 'found' => $this->shown($path)]),
            );
        }
    }

    /**
     * Returns a name on one line, white space and what cannot be seen folded.
     *
     * @param Message $lacking what is said where there is none
     */
    public function text(string $path, int $longest, Message $lacking = new Message('name-wanted')): ?string
    {
        $text = $this->at($path);
        $text = \is_string($text) ? trim(preg_replace('/[\s\p{Z}\p{C}]+/u', ' ', mb_scrub($text)) ?? '') : '';
        if ('' === $text) {
            return $this->fault($path, $lacking);
        }

        return mb_strlen($text) <= $longest
            ? $text
            : $this->fault(
                $path,
                new Message('name-too-long', ['most' => $longest, 'found' => mb_strlen($text)]),
            );
    }

    /**
     * Notes a fault when nothing stands at $path, where a number alone would be in $bare.
     */
    public function required(string $path, Unit $bare): self
    {
        if (null === $this->at($path)) {
            $this->fault($path, new Message('length-wanted', ['bare' => $bare->value]));
        }

        return $this;
    }

    /**
     * @param (callable(string): Length)|null $parse for texts that are more than a length
     */
    public function length(
        string $path,
        Unit $bare,
        Length $shortest,
        Length $longest,
        ?Length $default = null,
        ?callable $parse = null,
    ): ?Length {
        $length = $this->parsed(
            $path,
            $parse ?? static fn (string $text): Length => Length::parse($text, $bare),
            $default,
        );
        // To the exactness in which lengths are read, so that what is written is read back the same.
        $length = null === $length ? null : Length::of($length->millimetres, Unit::Millimetre);
        if (null === $length || (!$length->isShorterThan($shortest) && !$length->isLongerThan($longest))) {
            return $length;
        }

        return $this->fault($path, LengthOutOfRange::outside($length, $shortest, $longest, $bare)->said());
    }

    /**
     * Returns a measure of a person, within the range of what was measured.
     */
    public function measured(string $path, Unit $bare, Measurement $measurement): ?Length
    {
        return $this->parsed(
            $path,
            static fn (string $text): Length => $measurement->checked(Length::parse($text, $bare), $bare),
            null,
        );
    }

    public function number(string $path, int $least, int $most, ?int $default = null): ?int
    {
        $value = $this->at($path) ?? $default;
        if (null === $value) {
            return null;
        }
        $number = \is_string($value) && 1 === preg_match('/^\s*\d{1,6}\s*$/', $value) ? (int) $value : $value;

        return \is_int($number) && $number >= $least && $number <= $most
            ? $number
            : $this->fault(
                $path,
                new Message('number-wanted', ['least' => $least, 'most' => $most, 'found' => $this->shown($path)]),
            );
    }

    /**
     * Returns a number that need not be whole.
     */
    public function real(string $path, float $least, float $most, ?float $default = null): ?float
    {
        $value = $this->at($path) ?? $default;
        if (null === $value || ((\is_int($value) || \is_float($value)) && $value >= $least && $value <= $most)) {
            return null === $value ? null : (float) $value;
        }

        return $this->fault(
            $path,
            new Message('real-wanted', ['least' => $least, 'most' => $most, 'found' => $this->shown($path)]),
        );
    }

    /**
     * Returns what was chosen; what is usual where nothing was, or nothing that there is.
     *
     * @template T of \BackedEnum
     *
     * @param T $usual
     *
     * @return T
     */
    public function usually(string $path, \BackedEnum $usual): \BackedEnum
    {
        return $this->choice($path, $usual::class, $usual) ?? $usual;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     * @param T               $default
     * @param list<T>|null    $allowed all cases when null
     *
     * @return T|null
     */
    public function choice(string $path, string $enum, \BackedEnum $default, ?array $allowed = null): ?\BackedEnum
    {
        $value = $this->at($path);
        if (null === $value) {
            return $default;
        }
        $case = \is_string($value) ? $enum::tryFrom($value) : null;
        $allowed ??= $enum::cases();
        if (null !== $case && \in_array($case, $allowed, true)) {
            return $case;
        }
        $names = array_map(static fn (\BackedEnum $choice): string => (string) $choice->value, $allowed);

        return $this->fault($path, new Message('one-of', ['known' => $names, 'found' => $this->shown($path)]));
    }

    /**
     * Returns what a word names among what is known.
     *
     * @template T of object
     *
     * @param callable(string): ?T $named
     * @param list<string>         $words   that name something
     * @param T                    $default
     *
     * @return T|null
     */
    public function known(string $path, callable $named, array $words, object $default): ?object
    {
        $value = $this->at($path);
        if (null === $value) {
            return $default;
        }

        return (\is_string($value) ? $named($value) : null)
            ?? $this->fault($path, new Message('one-of', ['known' => $words, 'found' => $this->shown($path)]));
    }

    /**
     * @template T of object
     *
     * @param callable(string): T $parse
     * @param T|null              $default
     *
     * @return T|null
     */
    public function parsed(string $path, callable $parse, ?object $default): ?object
    {
        $text = $this->at($path);
        if (null === $text) {
            return $default;
        }
        try {
            return \is_string($text) ? $parse($text) : $this->fault(
                $path,
                new Message('text-wanted', ['found' => $this->shown($path)]),
            );
        } catch (PatternUnreadable $unreadable) {
            foreach ($unreadable->faults as $fault) {
                $this->fault($path, $fault->said(), $fault->place);
            }
        } catch (Failure $failure) {
            $this->fault($path, $failure->said());
        }

        return null;
    }

    public function fault(string $path, Message $said, ?Place $place = null): null
    {
        $this->faults[] = new Fault($path, $said, $place);

        return null;
    }

    public function hasFaultAt(string $path): bool
    {
        foreach ($this->faults as $fault) {
            if (str_starts_with($fault->path, $path.'.')) {
                return true;
            }
        }

        return false;
    }

    /**
     * Notes a fault for every entry that nobody asked for: a misspelt name would else be passed over in silence.
     */
    public function noneElse(): void
    {
        $this->noneElseIn($this->document, '');
    }

    /**
     * @param array<mixed> $entries
     */
    private function noneElseIn(array $entries, string $path): void
    {
        foreach ($entries as $name => $value) {
            $at = ltrim($path.'.'.$name, '.');
            if (!isset($this->asked[$path][$name])) {
                $this->fault(
                    $at,
                    new Message('name-unknown', [
                        'name' => new Quoted((string) $name),
                        'known' => array_map(strval(...), array_keys($this->asked[$path] ?? [])),
                    ]),
                );
            } elseif (\is_array($value) && isset($this->asked[$at])) {
                $this->noneElseIn($value, $at);
            }
        }
    }

    public function has(string $path): bool
    {
        return null !== $this->at($path);
    }

    public function yes(string $path): bool
    {
        $value = $this->at($path) ?? false;
        if (!\is_bool($value) && 'yes' !== $value) {
            $this->fault($path, new Message('yes-or-no', ['found' => $this->shown($path)]));
        }

        return true === $value || 'yes' === $value;
    }

    /**
     * Returns a word that names something known elsewhere.
     */
    public function name(string $path): ?string
    {
        $name = $this->at($path);

        return \is_string($name) && 1 === preg_match('/^[a-z][a-z-]{0,39}$/', $name)
            ? $name
            : $this->fault($path, new Message('word-wanted', ['found' => $this->shown($path)]));
    }

    /**
     * Returns a text of any content, or null when there is none.
     */
    public function note(string $path, int $longest): ?string
    {
        $text = $this->at($path);
        if (null === $text) {
            return null;
        }

        return \is_string($text) && mb_strlen($text) <= $longest
            ? mb_scrub($text)
            : $this->fault($path, new Message('text-too-long', ['most' => $longest]));
    }

    /**
     * @return list<string>
     */
    public function names(string $path): array
    {
        $names = $this->at($path) ?? [];
        if (!\is_array($names) || \count($names) > self::MOST_NAMES) {
            $this->fault($path, new Message('too-many-names', ['most' => self::MOST_NAMES]));

            return [];
        }

        return array_values(array_filter($names, is_string(...)));
    }

    /**
     * Returns what $read makes of each entry under $path, by its short name; entries with faults are left out.
     *
     * @template T of object
     *
     * @param callable(string): ?T      $read   takes the path of an entry
     * @param callable(string): bool    $isName whether an entry can be called so
     * @param callable(string): Message $notOne what to say when it cannot
     *
     * @return array<string, T>
     */
    public function each(string $path, callable $read, callable $isName, callable $notOne): array
    {
        $entries = $this->at($path) ?? [];
        if (!\is_array($entries) || \count($entries) > self::MOST_ENTRIES) {
            $this->fault($path, new Message('too-many-entries', ['most' => self::MOST_ENTRIES]));

            return [];
        }
        $all = [];
        foreach (array_keys($entries) as $name) {
            $name = (string) $name;
            if (!$isName($name)) {
                $this->asked[$path][$name] = true;
                $this->fault($path.'.'.$name, $notOne($name));
                continue;
            }
            $entry = $read($path.'.'.$name);
            if (null !== $entry) {
                $all[$name] = $entry;
            }
        }

        return $all;
    }

    private function at(string $path): mixed
    {
        $value = $this->document;
        $under = '';
        foreach (explode('.', $path) as $step) {
            $this->asked[$under][$step] = true;
            $under = ltrim($under.'.'.$step, '.');
            if (null === $value) {
                return null;
            }
            if (!\is_array($value)) {
                return $value;
            }
            $value = $value[$step] ?? null;
        }

        return \is_string($value) && '' === trim($value) ? null : $value;
    }

    private function shown(string $path): Quoted|Message
    {
        $value = $this->at($path);

        return match (true) {
            null === $value => new Message('nothing'),
            \is_string($value) => new Quoted($value),
            default => new Quoted((string) json_encode($value, \JSON_PARTIAL_OUTPUT_ON_ERROR)),
        };
    }
}
