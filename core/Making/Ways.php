<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

use Rinkel\Core\Construction\Look;
use Rinkel\Core\Plan\Plan;

/**
 * The way in which every construction is made: its own by its id, else that of all which look like it.
 */
final readonly class Ways
{
    /**
     * @param array<string, callable(Plan): Way> $byId
     */
    private function __construct(private array $byId) {}

    public static function all(): self
    {
        return new self([
            'stacked-band' => static fn (Plan $plan): Way => new Way\StackedWay($plan),
            'multi-row' => static fn (Plan $plan): Way => new Way\RowsWay($plan),
            'wave-band' => static fn (Plan $plan): Way => new Way\WaveWay($plan),
            'stretch' => static fn (Plan $plan): Way => new Way\ElasticWay($plan),
            'knotted-strands' => static fn (Plan $plan): Way => new Way\StrandsWay($plan),
            'braided-chain' => static fn (Plan $plan): Way => new Way\BraidedWay($plan),
        ]);
    }

    public function for(Plan $plan): Way
    {
        $own = $this->byId[$plan->draft->construction->id()] ?? null;

        return null !== $own ? $own($plan) : match ($plan->draft->construction->look()) {
            Look::Band => new Way\BandWay($plan),
            Look::Cord => new Way\CordWay($plan),
            Look::Wrap => new Way\WrapWay($plan),
            Look::Chain => new Way\LacedWay($plan),
            Look::Bundle => new Way\BundleWay($plan),
            Look::Rope => new Way\RopeWay($plan),
            Look::Net => new Way\NetWay($plan),
        };
    }
}
