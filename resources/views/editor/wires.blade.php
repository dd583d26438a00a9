<g {{ $region }}><x-form-wires :form="$form" :side="$side" /></g>
