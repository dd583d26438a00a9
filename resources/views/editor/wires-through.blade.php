<g {{ $region }}><x-wires-through :wires="$wires" :side="$side" /></g>
