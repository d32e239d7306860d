<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson;

use Rinkel\Core\Failure;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Quoted;

/**
 * How far a learner has come in the course: the wrist that they make its pieces for, and what is behind them.
 *
 * Written as "164 mm 1krp 2k": a letter for each step, after the number of its evening.
 *
 * @internal
 */
final readonly class CourseRecord
{
    /**
     * @param array<int, list<CourseStep>> $steps that are behind them, by evening, in their order
     */
    private function __construct(
        public ?Length $wrist,
        private array $steps,
    ) {}

    public static function begun(): self
    {
        return new self(null, []);
    }

    /**
     * Returns what a text says, or what is wrong with it.
     */
    public static function read(string $text): self|Message
    {
        $letters = implode('', array_map(static fn (CourseStep $step): string => $step->letter(), CourseStep::cases()));
        if (1 !== preg_match('/^(\d{1,4}(?:\.\d{1,4})? mm)?((?: ?\d{1,2}['.$letters.']{1,3})*)$/D', $text, $parts)) {
            return self::unread($text);
        }
        $record = self::begun();
        try {
            $record = '' === $parts[1] ? $record : $record->for(Length::exact($parts[1]));
        } catch (Failure) {
            return self::unread($text);
        }
        preg_match_all('/(\d{1,2})(['.$letters.']+)/', $parts[2], $evenings, \PREG_SET_ORDER);
        foreach ($evenings as [, $number, $done]) {
            if (!isset(TenEvenings::evenings()[(int) $number])) {
                return self::unread($text);
            }
            foreach (CourseStep::cases() as $step) {
                $record = str_contains($done, $step->letter()) ? $record->with((int) $number, $step) : $record;
            }
        }

        return $record;
    }

    /**
     * Returns the same for another wrist.
     */
    public function for(Length $wrist): self
    {
        return new self($wrist, $this->steps);
    }

    /**
     * @return array<string, bool> whether each step of an evening is behind them, by its word
     */
    public function steps(int $evening): array
    {
        $steps = [];
        foreach (CourseStep::cases() as $step) {
            $steps[$step->value] = $this->has($evening, $step);
        }

        return $steps;
    }

    public function with(int $evening, CourseStep $step): self
    {
        return $this->having($evening, [...$this->steps[$evening] ?? [], $step]);
    }

    public function without(int $evening, CourseStep $step): self
    {
        return $this->having(
            $evening,
            array_filter($this->steps[$evening] ?? [], static fn (CourseStep $one): bool => $one !== $step),
        );
    }

    /**
     * Returns whether all of an evening is behind them.
     */
    public function isDone(int $evening): bool
    {
        return \count($this->steps[$evening] ?? []) === \count(CourseStep::cases());
    }

    /**
     * Returns the evening that comes next; null once all are behind them.
     */
    public function next(): ?int
    {
        foreach (array_keys(TenEvenings::evenings()) as $number) {
            if (!$this->isDone($number)) {
                return $number;
            }
        }

        return null;
    }

    public function written(): string
    {
        $parts = null === $this->wrist ? [] : [(string) $this->wrist];
        foreach ($this->steps as $number => $steps) {
            $parts[] = $number.implode('', array_map(static fn (CourseStep $step): string => $step->letter(), $steps));
        }

        return implode(' ', $parts);
    }

    private function has(int $evening, CourseStep $step): bool
    {
        return \in_array($step, $this->steps[$evening] ?? [], true);
    }

    /**
     * @param array<CourseStep> $steps of an evening
     */
    private function having(int $evening, array $steps): self
    {
        $all = $this->steps;
        $all[$evening] = array_values(array_filter(
            CourseStep::cases(),
            static fn (CourseStep $step): bool => \in_array($step, $steps, true),
        ));
        ksort($all);

        return new self($this->wrist, array_filter($all));
    }

    private static function unread(string $text): Message
    {
        return new Message('course-unread', ['found' => new Quoted($text)]);
    }
}
