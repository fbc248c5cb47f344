package lexicor.server.layer;

import org.springframework.data.jpa.repository.JpaRepository;

interface FigureCheckStore extends JpaRepository<FigureCheckRecord, String> {}
