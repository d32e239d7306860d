<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Plan\Plan;

/**
 * What a maker has seen of a plan: how long, how many, what to cut. So that it can be told, once, what another Rinkel
 * plans otherwise of a piece in which they changed nothing.
 *
 * @phpstan-type Figures array{
 *     body: string, counts: list<int>, beads: array<string, int>, cuts: array<string, array{int, string}>,
 * }
 */
final readonly class SeenPlan
{
    /**
     * @param string       $of      the piece and what was known of its maker's hand, as a hash
     * @param Figures      $figures of the plan
     * @param Figures|null $was     that another Rinkel planned, until it was seen that they differ
     */
    private function __construct(
        public string $of,
        public array $figures,
        public ?array $was = null,
    ) {}

    /**
     * @param array<string, mixed> $document of the piece
     * @param string               $hand     by which what is known of the hand is told from what was known before
     */
    public static function now(array $document, string $hand, Plan $plan): self
    {
        $cuts = [];
        foreach ($plan->cuts as $cut) {
            $cuts[$cut->role] = [$cut->count, (string) $cut->length];
        }

        return new self(hash('xxh128', serialize([$document, $hand])), [
            'body' => (string) Length::ofMillimetres(round($plan->draft->body()->millimetres, 1)),
            'counts' => $plan->draft->setting->counts,
            'beads' => $plan->beads,
            'cuts' => $cuts,
        ]);
    }

    /**
     * Returns what was kept of it; null where it cannot be read.
     *
     * @param array<string, mixed>|null $kept
     */
    public static function read(?array $kept): ?self
    {
        $figures = self::figures($kept['figures'] ?? null);

        return null === $figures || !\is_string($kept['of'] ?? null)
            ? null
            : new self($kept['of'], $figures, self::figures($kept['was'] ?? null));
    }

    /**
     * Returns what is kept once this was shown after that: the figures of before stay until somebody has seen that they
     * became others by themselves.
     */
    public function after(?self $before): self
    {
        return new self($this->of, $this->figures, match (true) {
            null === $before => null,
            null !== $before->was => $before->was,
            $before->of === $this->of && $before->figures !== $this->figures => $before->figures,
            default => null,
        });
    }

    /**
     * Returns what became another by itself: the body, how many, and each cut, before and now; null of what there is no
     * more.
     *
     * @return array{
     *     body?: array{Length, Length}, counts?: array{int, int}, beads?: array{int, int},
     *     cuts?: array<string, array{array{int, string}|null, array{int, string}|null}>,
     * }
     */
    public function changes(): array
    {
        if (null === $this->was) {
            return [];
        }
        [$was, $is] = [$this->was, $this->figures];
        $changes = $was['body'] === $is['body'] ? [] : [
            'body' => [Length::exact($was['body']), Length::exact($is['body'])],
        ];
        foreach (['counts', 'beads'] as $of) {
            [$before, $now] = [array_sum($was[$of]), array_sum($is[$of])];
            $changes += $before === $now ? [] : [$of => [$before, $now]];
        }
        $cuts = [];
        foreach (array_keys($was['cuts'] + $is['cuts']) as $role) {
            $both = [$was['cuts'][$role] ?? null, $is['cuts'][$role] ?? null];
            $cuts += $both[0] === $both[1] ? [] : [$role => $both];
        }

        return $changes + ([] === $cuts ? [] : ['cuts' => $cuts]);
    }

    /**
     * @return array<string, mixed>
     */
    public function kept(): array
    {
        return ['of' => $this->of, 'figures' => $this->figures] + (null === $this->was ? [] : ['was' => $this->was]);
    }

    /**
     * @return Figures|null
     */
    private static function figures(mixed $kept): ?array
    {
        if (!\is_array($kept) || !\is_string($kept['body'] ?? null)) {
            return null;
        }
        $cuts = [];
        foreach (\is_array($kept['cuts'] ?? null) ? $kept['cuts'] : [] as $role => $cut) {
            [$count, $length] = \is_array($cut) ? [$cut[0] ?? null, $cut[1] ?? null] : [null, null];
            if (!\is_int($count) || !\is_string($length)) {
                return null;
            }
            $cuts[(string) $role] = [$count, $length];
        }
        try {
            array_map(Length::exact(...), [$kept['body'], ...array_column($cuts, 1)]);
        } catch (MeasureFailure) {
            return null;
        }
        $counts = \is_array($kept['counts'] ?? null) ? array_filter($kept['counts'], is_int(...)) : [];
        $beads = \is_array($kept['beads'] ?? null) ? array_filter($kept['beads'], is_int(...)) : [];

        return [
            'body' => $kept['body'],
            'counts' => array_values($counts),
            'beads' => array_combine(array_map(strval(...), array_keys($beads)), $beads),
            'cuts' => $cuts,
        ];
    }
}
