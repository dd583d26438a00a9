<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

/** How many pieces or strands of mesh go into one element of a kind of part. */
final readonly class MaterialUse
{
    /** What is laid over the mesh, by key; the first is the usual one. */
    private const RIBBONS = ['ribbon', 'tulle', 'tubing', 'cord', 'strands'];

    /**
     * @param  int  $usual  how many, where only a mesh is named
     * @param  bool  $counted  told as numbers ("2 of one, 2 of another"), or one by one
     * @param  string  $what  what is counted: "pieces", "strands"
     * @param  bool  $variesByTie  whether its elements may differ from tie to tie
     * @param  bool  $various  whether one mesh alone is not meant
     * @param  bool  $shared  whether the materials share what is usual among them
     * @param  ?list<string>  $goods  the kinds of counted material it takes, by key; null where it takes wound material
     * @param  string  $noun  what it takes: "mesh"
     * @param  ?list<string>  $wound  the kinds of wound material it takes, by key; null for any
     */
    private function __construct(
        public int $least,
        public int $most,
        public int $usual,
        public bool $counted,
        public string $what,
        public bool $variesByTie = true,
        public bool $various = false,
        public bool $shared = false,
        public ?array $goods = null,
        public string $noun = 'mesh',
        public ?array $wound = null,
    ) {}

    /** Nothing that is listed: what is done takes only time. */
    public static function none(): self
    {
        return new self(0, 0, 0, false, 'pieces', variesByTie: false, goods: [], noun: 'nothing');
    }

    /**
     * Counted material: so many pieces of it for one element.
     *
     * @param  non-empty-list<string>  $kinds  that will do, by key
     * @param  string  $noun  what they are: "balls"
     */
    public static function pieces(array $kinds, string $noun, int $least = 1, int $most = 1): self
    {
        return new self($least, $most, $least, $most > 1, 'pieces', variesByTie: false, goods: $kinds, noun: $noun);
    }

    public function isNone(): bool
    {
        return $this->goods === [];
    }

    /** Whether a material can be used so. */
    public function takes(Material $material): bool
    {
        $kinds = $this->goods ?? $this->wound;

        return $kinds === null ? $material instanceof Wound : in_array($material->kind->key(), $kinds, true);
    }

    /** The kind that is taken where a plan has none that will do, by key; null where it has. */
    public function usualKind(): ?string
    {
        return ($this->goods ?? $this->wound ?? [])[0] ?? null;
    }

    /** One mesh, as a ruffle is made of. */
    public static function one(): self
    {
        return new self(1, 1, 1, false, 'pieces');
    }

    /** One mesh for all of a part. */
    public static function single(): self
    {
        return new self(1, 1, 1, false, 'pieces', variesByTie: false);
    }

    /** Meshes that come up one after another. */
    public static function several(): self
    {
        return new self(2, 12, 2, false, 'meshes', various: true);
    }

    /** One mesh and another. */
    public static function two(): self
    {
        return new self(2, 2, 2, false, 'meshes', various: true);
    }

    /** So many elements of each mesh. */
    public static function counts(int $ties, int $most): self
    {
        return new self(1, $most, $ties, true, 'pieces', shared: true);
    }

    /** Strands tied together from tie to tie. */
    public static function strands(int $most): self
    {
        return new self(1, $most, 1, false, 'strands', variesByTie: false);
    }

    /**
     * Strips of ribbon and the like laid together, one of each that is named.
     *
     * @param  int  $most  of all of its sets
     * @param  list<string>  $kinds  that will do, by key; the first is the usual one
     */
    public static function strips(int $most, array $kinds = self::RIBBONS): self
    {
        return new self(1, $most, 1, false, 'ribbons', variesByTie: false, noun: 'ribbon', wound: $kinds);
    }

    /** Two pieces on one tie. */
    public static function pair(): self
    {
        return new self(2, 2, 2, false, 'pieces');
    }

    /** Pieces stacked into a bundle. */
    public static function stack(int $least, int $most, int $usual): self
    {
        return new self($least, $most, $usual, true, 'pieces');
    }

    public function isOne(): bool
    {
        return $this->most === 1;
    }
}
