<?php

declare(strict_types=1);

namespace Rinkel\App\Paper;

use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Plan\Need;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * What paper says, in the maker's language and unit, and on their kind of paper.
 */
final readonly class Words
{
    public function __construct(
        public Wording $wording,
        private TranslatorInterface $translator,
    ) {}

    /**
     * @param array<string, string|int> $values
     */
    public function of(string $key, array $values = []): string
    {
        return $this->translator->trans($key, $values);
    }

    public function page(string $title, bool $isLandscape = false): Page
    {
        return Page::of(
            $title,
            $this->wording->language(),
            $this->of('paper.check'),
            'en_US' === $this->wording->language(),
            $isLandscape,
        );
    }

    public function toCut(Length $length, Unit $unit): string
    {
        return (string) $this->wording->toCut($length, $unit);
    }

    public function length(Length $length, Unit $unit): string
    {
        return (string) $this->wording->length($length, $unit);
    }

    /**
     * Writes what else is taken out of the stock, with boxes to tick.
     *
     * @param list<Need> $needs
     */
    public function takeOut(Page $page, array $needs): void
    {
        if ([] !== $needs) {
            $page->heading($this->of('cutting.take-out'));
        }
        foreach ($needs as $need) {
            $letters = [] === $need->letters ? '' : ': '.$this->letters($need->letters);
            $page->tick(
                implode(', ', $need->names).', '.$this->wording->material($need->what).$letters,
                $need->count.' ×',
                colour: $this->colour($need->what),
            );
        }
    }

    public function much(Length|int $much, Unit $unit): string
    {
        return $much instanceof Length ? $this->wording->roomy($much, $unit) : $much.' ×';
    }

    public function colour(Cord|Bead|Finding $what): ?Colour
    {
        return $what instanceof Finding ? null : $what->colour;
    }

    /**
     * @param array<string, int> $letters
     */
    public function letters(array $letters): string
    {
        return implode(', ', array_map(
            static fn (int|string $letter, int $count): string => $letter.($count > 1 ? ' × '.$count : ''),
            array_keys($letters),
            $letters,
        ));
    }
}
