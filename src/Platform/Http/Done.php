<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Http;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What a page sent was done, and is about to be kept.
 */
final readonly class Done
{
    public function __construct(
        public Request $request,
        public Response $response,
    ) {}
}
