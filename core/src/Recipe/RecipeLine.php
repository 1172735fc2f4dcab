<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

/** One line of a recipe, as it was written, and what was read in it. */
final readonly class RecipeLine
{
    /**
     * @param  string  $heading  the heading it stands under, or empty
     * @param  list<NamedAmount>  $named
     * @param  list<string>  $facts  codes of what a sentence of the method told: "tin", "blind-bake", "bake", "step", "lid"
     */
    public function __construct(public string $text, public LineKind $kind, public string $heading = '', public array $named = [], public array $facts = [])
    {
    }

    /** @param  list<NamedAmount>  $named */
    public function naming(array $named, LineKind $kind): self
    {
        return new self($this->text, $kind, $this->heading, $named, $this->facts);
    }

    /** @param  list<string>  $facts */
    public function telling(array $facts): self
    {
        return new self($this->text, $this->kind, $this->heading, $this->named, $facts);
    }
}
