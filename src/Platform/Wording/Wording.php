<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Wording;

use Psr\Log\LoggerInterface;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Measure\WrittenLength;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Step;
use Rinkel\Core\Work\Landmark;
use Symfony\Component\Intl\Currencies;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Says in words what the core says in keys and numbers.
 */
final readonly class Wording
{
    /** In centimetres a length below this, in mm, is said in millimetres: "13 mm", not "1.3 cm". */
    private const FINE = 20;

    /**
     * Returns in which language is spoken: "en".
     */
    public function language(): string
    {
        return $this->translator->getLocale();
    }

    /** Values that are words of the notation, by the message that says them. */
    private const IN_NOTATION = [
        'pattern-unread' => ['found', 'expected'],
        'part-not-there' => ['part'],
        'knot-not-tied' => ['knot'],
        'lane-not-there' => ['lane'],
        'behind-below' => ['part'],
        'way-counted' => ['part'],
    ];

    /** From so many mm on stock is said in metres. */
    private const ROOMY = 3000;

    public function __construct(
        private TranslatorInterface $translator,
        private LoggerInterface $logger,
        private Notation $notation,
    ) {}

    public function step(Step $step, Unit $unit): string
    {
        $values = array_map(
            fn (mixed $value): Length|WrittenLength|int|float|string => $this->part($value, $unit),
            $step->values,
        );
        if (\is_string($values['what'] ?? null)) {
            $values['what'] = $this->knotInside($values['what']);
        }

        return $this->say('step.'.$step->key, $values, $unit);
    }

    /**
     * Returns what is to be looked at with an act, sentence after sentence.
     *
     * @param list<Message> $all
     */
    public function makings(array $all, Unit $unit): string
    {
        return implode(' ', array_map(fn (Message $said): string => $this->making($said, $unit), $all));
    }

    /**
     * Returns the sentence of an act of the making: cords by what they are called, knots and places by their names.
     */
    public function making(Message $said, Unit $unit): string
    {
        $values = [];
        foreach (['role', 'core', 'working'] as $name) {
            if (\is_string($said->values[$name] ?? null)) {
                $values[$name.'_gender'] = $this->gender($said->values[$name]);
            }
        }
        foreach ($said->values as $name => $value) {
            $values[$name] = match (true) {
                \in_array($name, ['role', 'core', 'working'], true) && \is_string($value) => $this->roleInside($value),
                'knot' === $name && \is_string($value) => $this->knotInside($value),
                'roles' === $name && \is_array($value) => implode(', ', array_map(
                    fn (Message|string $role): string => $this->roleInside((string) $role),
                    $value,
                )),
                $value instanceof Landmark => $this->translator->trans(
                    'landmark.'.$value->word,
                    ['name' => $value->name ?? ''],
                ),
                default => $this->part($value, $unit),
            };
        }
        if (\is_string($said->values['knot'] ?? null)) {
            $values['knots'] = $this->knots($said);
        }

        return $this->contracted($this->say('making.'.$said->key, $values, $unit));
    }

    /**
     * Returns so many knots as they are said: "3 square knots".
     */
    private function knots(Message $said): string
    {
        [
            'knot' => $knot,
            'count' => $count,
            'turns' => $turns,
        ] = $said->values + ['knot' => '', 'count' => 1, 'turns' => 0];
        $knot = \is_string($knot) ? $knot : '';
        $count = \is_int($count) ? $count : 1;
        $key = 'knots-of.'.str_replace(' ', '-', $knot);
        $named = $this->translator->trans($key, ['count' => $count, 'turns' => $turns]);

        return $key === $named ? $count.' × '.$this->knotInside($knot) : $named;
    }

    /**
     * Returns what a knot is called by itself; one of somebody's own as they called it.
     */
    public function knotName(string $word): string
    {
        $key = 'knot.'.str_replace(' ', '-', $word);
        $name = $this->translator->trans($key);

        return $key === $name ? mb_strtoupper(mb_substr($word, 0, 1)).mb_substr($word, 1) : $name;
    }

    /**
     * Returns "over" and "under" in a text as they are said in the language of the page, or back in English.
     */
    public function overs(string $text, bool $back = false): string
    {
        $words = [];
        foreach (['over', 'under'] as $word) {
            $words[$word] = mb_strtolower($this->translator->trans('own.'.$word));
        }
        $words = $back ? array_flip($words) : $words;

        return preg_replace_callback(
            '/\pL+/u',
            static fn (array $word): string => $words[mb_strtolower($word[0])] ?? $word[0],
            mb_scrub($text),
        ) ?? $text;
    }

    /**
     * Returns what a knot is called inside a sentence; what is no knot stays as it is.
     */
    private function knotInside(string $word): string
    {
        $key = 'knot.'.str_replace(' ', '-', $word);
        $name = $this->translator->trans($key);

        return $key === $name ? $word : $this->inside($name);
    }

    /**
     * Returns a sentence that was put together with its words drawn together as they are said.
     */
    private function contracted(string $sentence): string
    {
        preg_match_all('/([^=|]+)=([^|]+)/u', $this->translator->trans('grammar.contractions'), $pairs);
        $bounded = static fn (string $words): string => ' '.$words.' ';

        return strtr($sentence, array_combine(array_map($bounded, $pairs[1]), array_map($bounded, $pairs[2])));
    }

    /**
     * Returns a word as it stands inside a sentence: with a small letter, except in languages that write nouns large.
     */
    public function inside(string $word): string
    {
        return 'keep' === $this->translator->trans('grammar.inside')
            ? $word
            : mb_strtolower(mb_substr($word, 0, 1)).mb_substr($word, 1);
    }

    /**
     * Returns the gender of what a cord of this role is called; "name" of its maker's own word, and of one
     * among several: "strand 2".
     */
    private function gender(string $role): string
    {
        $key = 'role-gender.'.$role;
        $gender = $this->translator->trans($key);

        return $key === $gender ? 'name' : $gender;
    }

    public function check(Check $check, Unit $unit): string
    {
        return $this->say('check.'.$check->code, $this->named($check->values), $unit);
    }

    /**
     * Returns what the button that settles $check says, or null when no button can.
     */
    public function remedy(Check $check, Unit $unit): ?string
    {
        return null === $check->remedy ? null : $this->say('remedy.'.$check->code, $this->named($check->values), $unit);
    }

    /**
     * @param array<string, Length|WrittenLength|int|float|string|list<string>> $values
     *
     * @return array<string, Length|WrittenLength|int|float|string> cords by what they are called
     */
    private function named(array $values): array
    {
        $named = array_map(
            fn (
                Length|WrittenLength|int|float|string|array $value,
            ): Length|WrittenLength|int|float|string => \is_array($value)
                ? implode(', ', array_map($this->roleInside(...), $value))
                : $value,
            $values,
        );

        return \is_string($named['pattern'] ?? null)
            ? ['pattern' => $this->notation->said($named['pattern'])] + $named
            : $named;
    }

    /**
     * Returns what a figure is called.
     */
    public function figure(string $key): string
    {
        return match (true) {
            str_starts_with($key, 'cut-') => $this->role(substr($key, 4)),
            str_starts_with($key, 'strand-') => $this->translator->trans(
                'figure.strand',
                ['strand' => substr($key, 7)],
            ),
            default => $this->translator->trans('figure.'.$key),
        };
    }

    /**
     * Returns what a cord of this role is called: by our word, else by its maker's.
     */
    public function role(string $role): string
    {
        [$name, $number] = 1 === preg_match('/^(.+) (\d+)$/D', $role, $match) ? [
            $match[1],
            ' '.$match[2],
        ] : [$role, ''];
        $word = $this->translator->trans('role.'.$name);

        return 'role.'.$name === $word ? $role : $word.$number;
    }

    /**
     * Returns the same as it stands inside a sentence.
     */
    private function roleInside(string $role): string
    {
        $word = $this->role($role);

        return $word === $role ? $role : $this->inside($word);
    }

    /**
     * Returns what a cord, a bead or a finding is: "1 mm polyester", "round 8 mm, wood", "clasp 12 mm"; who works in
     * inches reads of a cord how many hundredths it is, too.
     */
    public function material(Cord|Bead|Finding $what, ?Unit $unit = null): string
    {
        $fine = fn (Length $length): string => (string) $this->length($length, Unit::Millimetre);
        $word = fn (string $key): string => $this->translator->trans($key);

        return match (true) {
            $what instanceof Cord => $this->cord($what, $unit),
            $what instanceof Bead => implode(', ', [
                $word('shape.'.$what->shape->value).' '.($what->measures->size ?? $fine($what->diameter)),
                $word('material.'.$what->material->value),
                ...(null === $what->finish ? [] : [$word('finish.'.$what->finish->value)]),
            ]),
            default => $word('finding.'.$what->kind->value).' '.$fine($what->length),
        };
    }

    private function cord(Cord $cord, ?Unit $unit): string
    {
        $size = function (Length $length) use ($unit): string {
            $fine = (string) $this->length($length, Unit::Millimetre);

            return true !== $unit?->isImperial() ? $fine : \sprintf(
                '%s in (%s)',
                str_replace('.', self::mark($this->translator->getLocale()), \sprintf('%.2F', $length->in(Unit::Inch))),
                $fine,
            );
        };

        return \sprintf(
            '%s %s',
            implode(' × ', array_map($size, array_filter([$cord->width, $cord->thickness]))),
            $this->translator->trans('fibre.'.$cord->fibre->value),
        );
    }

    /**
     * Returns where a cord is folded or begins, which its maker marks on it.
     *
     * @param bool $isHalved whether it is hung on a focal, once for each half
     */
    public function foldOf(Cut $cut, Unit $unit, bool $isHalved = false): string
    {
        return match (true) {
            null !== $cut->parting->fold => $this->translator->trans('cut.folded-at', [
                'fold' => (string) $this->length($cut->parting->fold, $unit),
            ]),
            $cut->parting->folded => $this->translator->trans(
                $isHalved && 'slider' !== $cut->role ? 'cut.folded-half' : 'cut.folded',
            ),
            null !== $cut->parting->begin => $this->translator->trans('cut.single-from', [
                'begin' => (string) $this->length($cut->parting->begin, $unit),
            ]),
            default => $this->translator->trans('cut.single'),
        };
    }

    public function length(Length|WrittenLength $length, Unit $unit): WrittenLength
    {
        $isSmall = $length instanceof WrittenLength && $unit->isImperial();
        $written = $length instanceof WrittenLength ? ($isSmall ? $length->imperial() : $length) : $length->written(
            Unit::Centimetre === $unit && abs($length->millimetres) < self::FINE ? Unit::Millimetre : $unit,
        );

        return $written->marked(self::mark($this->translator->getLocale()));
    }

    /**
     * Returns a length to cut: never less than it has to be, in whichever unit.
     */
    public function toCut(Length $length, Unit $unit): WrittenLength
    {
        return $this->length($length->writtenToCut($unit), $unit);
    }

    /**
     * Returns a length as it is said of a spool: in metres to a centimetre where that is what it has, in feet and whole
     * inches where a maker measures in inches.
     */
    public function roomy(Length $length, Unit $unit): string
    {
        if ($length->millimetres < self::ROOMY) {
            return (string) $this->length($length, $unit);
        }
        if (!$unit->isImperial()) {
            return (string) $this->length(
                Length::ofMillimetres(round($length->millimetres, -1)),
                Unit::Centimetre === $unit ? Unit::Metre : $unit,
            );
        }
        $inches = (int) round($length->in(Unit::Inch));

        return intdiv($inches, 12).' ft'.(0 === $inches % 12 ? '' : ' '.$inches % 12 .' in');
    }

    /**
     * Returns what stands between whole numbers and their decimals there.
     */
    public static function mark(string $locale): string
    {
        /** @var array<string, string> $marks asked for with every length of a page */
        static $marks = [];

        return $marks[$locale] ??= (string) (new \NumberFormatter($locale, \NumberFormatter::DECIMAL))
            ->getSymbol(\NumberFormatter::DECIMAL_SEPARATOR_SYMBOL);
    }

    /**
     * Returns what money is called there, by its ISO 4217 code: "Euro".
     */
    public function currency(string $code): string
    {
        return $code.' '.Currencies::getName($code, $this->translator->getLocale());
    }

    /**
     * Returns the sentence that the core says.
     *
     * @param Fault|Message|list<Fault>|null $said of several each on its line
     * @param Unit                           $unit in which lengths are said that say none themselves
     */
    public function told(Fault|Message|array|null $said, Unit $unit = Unit::Centimetre): string
    {
        return match (true) {
            \is_array($said) => implode("\n", array_map(fn (Fault $one): string => $this->told($one, $unit), $said)),
            $said instanceof Fault && null === $said->place => $this->told($said->said, $unit),
            $said instanceof Fault => $this->translator->trans('said.at', [
                'line' => $said->place->line,
                'column' => $said->place->column,
                'said' => $this->told($said->said, $unit),
            ]),
            null === $said => '',
            default => $this->say('said.'.$said->key, $this->parts($said, $unit), $unit),
        };
    }

    /**
     * Returns faults for a reader who sees no fields: each on its line, its path before it.
     *
     * @param list<Fault> $faults
     */
    public function faults(array $faults): string
    {
        return implode("\n", array_map(
            fn (Fault $fault): string => $fault->path.': '.$this->told($fault),
            $faults,
        ));
    }

    /**
     * @return array<string, Length|WrittenLength|int|float|string> closures by what they are called
     */
    private function parts(Message $said, Unit $unit): array
    {
        $parts = array_map(
            fn (mixed $value): Length|WrittenLength|int|float|string => $this->part($value, $unit),
            $said->values,
        );
        if (\is_string($parts['closure'] ?? null)) {
            $parts['closure'] = $this->translator->trans('closure.'.$parts['closure']);
        }
        if ('knots-each' === $said->key) {
            $parts['knots'] = $this->knots($said);
        }
        foreach (self::IN_NOTATION[$said->key] ?? [] as $name) {
            // Single words stand in quotes, in which a pattern has none.
            $parts[$name] = preg_replace_callback(
                '/^[^"]+$|(?<=")\w[^"]*(?=")/u',
                fn (array $word): string => $this->notation->said($word[0]),
                (string) ($parts[$name] ?? ''),
            ) ?? '';
        }

        return $parts;
    }

    /**
     * @param \Stringable|int|float|string|list<Message|string> $value
     */
    private function part(\Stringable|int|float|string|array $value, Unit $unit): Length|WrittenLength|int|float|string
    {
        if (\is_array($value)) {
            return implode(
                ', ',
                array_map(fn (Message|string $word): string => (string) $this->part($word, $unit), $value),
            );
        }

        return match (true) {
            $value instanceof Message => $this->told($value, $unit),
            !\is_object($value), \in_array($value::class, [Length::class, WrittenLength::class], true) => $value,
            default => (string) $value,
        };
    }

    /**
     * Returns the sentence of $key; one that cannot be said costs itself, never the page.
     *
     * @param array<string, Length|WrittenLength|int|float|string> $values
     */
    private function say(string $key, array $values, Unit $unit): string
    {
        $said = array_map(
            fn (
                Length|WrittenLength|int|float|string $value,
            ): int|float|string => $value instanceof Length || $value instanceof WrittenLength
                ? (string) $this->length($value, $unit)
                : $value,
            $values,
        );
        try {
            return $this->translator->trans($key, $said);
        } catch (\Throwable $failure) {
            $this->logger->critical('A sentence cannot be said.', ['key' => $key, 'exception' => $failure]);

            return $key.' '.implode(', ', array_map(strval(...), $said));
        }
    }
}
